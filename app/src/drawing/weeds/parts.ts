import type { ReactElement } from 'react';

/** A leaf from its foot at the origin upwards, and a flower about the origin. */
export type Leaf = (fill: string) => ReactElement;
export type Flower = (bloom: string) => ReactElement;

/** Sets the leaves and flowers of a weed along its stems, on a card of 100 by 100. */
export type Habit = (drawn: {
  readonly fill: string;
  readonly stem: {
    readonly stroke: string;
    readonly strokeWidth: number;
    readonly fill: 'none';
    readonly strokeLinecap: 'round';
  };
  readonly leafAt: (x: number, y: number, turn: number, size: number) => ReactElement;
  readonly flowerAt: (x: number, y: number, size: number, turn?: number) => ReactElement;
}) => ReactElement;
