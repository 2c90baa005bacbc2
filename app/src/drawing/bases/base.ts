import type { PlateSpec } from '@trowel/core/tables';
import type { ReactElement } from 'react';

/** Draws what lies under the marks, in one of its tints. */
export type Base = (tint: NonNullable<PlateSpec['tint']>) => ReactElement;
