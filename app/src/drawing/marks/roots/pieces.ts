/** Pieces that several of these drawings share. */

export const rootlets =
  'M50 22 C50 40 48 60 50 84 M50 32 C38 42 30 54 26 72 M50 34 C62 44 70 56 74 74 M49 50 C42 58 40 68 38 80 M50 52 C58 60 60 70 64 82';
