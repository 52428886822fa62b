/** From where to where strokes go, px. */
export type Span = readonly [from: number, to: number];

const px = (at: number): number => Math.round(at * 100) / 100;

/** Upright strokes, as one path: a ruler has a hundred, each of which would be made and laid out by itself. */
export const upright = (across: readonly number[], [from, to]: Span): string =>
  across.map((x) => `M${px(x)} ${px(from)}V${px(to)}`).join('');

/** Level strokes, as a path. */
export const level = (up: readonly number[], [from, to]: Span): string =>
  up.map((y) => `M${px(from)} ${px(y)}H${px(to)}`).join('');
