import type { SectionPoint } from '#core/section';

/** A rectangle of a half section, to be turned: from and to along the axis, least and most radius. */
export const box = ([from, to]: [number, number], [least, most]: [number, number]): SectionPoint[] => [
  { a: from, r: least },
  { a: from, r: most },
  { a: to, r: most },
  { a: to, r: least },
];
