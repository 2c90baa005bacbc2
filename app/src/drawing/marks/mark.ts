import type { Mark, PlateBase } from '@trowel/core/tables';
import type { ReactElement } from 'react';

/** A mark with parameters; the other marks are drawings of their own, known by a name. */
export type DrawnMark = Exclude<Mark, string>;
export type MarkOf<Kind extends DrawnMark['draw']> = Extract<DrawnMark, { draw: Kind }>;

/** Draws one mark on its base, on a card of 100 by 100. */
export type Draw<Kind extends DrawnMark['draw']> = (drawn: { mark: MarkOf<Kind>; base: PlateBase }) => ReactElement;
export type NamedMark = () => ReactElement;
/** A small picture about the origin, some 60 across. */
export type Icon = () => ReactElement;
