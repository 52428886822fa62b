/** A label of a mark, as wide as its text; places in pixels. */
export interface Marked {
  x: number;
  y: number;
  width: number;
}

/** Where a label stands: the middle of its left edge. */
export type LabelPlace = readonly [x: number, y: number];

const HEIGHT = 13;
const GAP = 6;
/** How wide a mark is. */
const SIGN = 8;
/** How far out labels are tried, in steps, before one has to lie over another. */
const RINGS = 6;

/** Places around a mark, nearest first: right and left of it, over and under, then further out. */
function* around({ x, y, width }: Marked): Generator<LabelPlace> {
  for (let ring = 1; ring <= RINGS; ring++) {
    const across = GAP + (ring - 1) * 4;
    for (const up of [-5, 5, -5 - ring * HEIGHT, 5 + ring * HEIGHT])
      for (const left of [x + across, x - across - width]) yield [left, y + up];
  }
}

interface Box {
  place: LabelPlace;
  width: number;
}

const overlap = ({ place: [x, y], width }: Box, { place: [left, up], width: across }: Box): boolean =>
  Math.abs(y - up) < HEIGHT && x < left + across && left < x + width;

/**
 * Places for the labels of marks so that none lies over another or over a mark, or leaves the paper, as far as there is
 * room; the first marks have the first choice.
 */
export function placeLabels(marks: readonly Marked[], size: { width: number; height: number }): LabelPlace[] {
  const placed: Box[] = [];
  const signs = marks.map(({ x, y }): Box => ({ place: [x - SIGN / 2, y], width: SIGN }));
  for (const mark of marks) {
    const isFree = (place: LabelPlace): boolean =>
      place[0] >= 2 &&
      place[0] + mark.width <= size.width - 2 &&
      place[1] >= HEIGHT / 2 &&
      place[1] <= size.height - HEIGHT / 2 &&
      [...placed, ...signs].every((other) => !overlap({ place, width: mark.width }, other));
    const places = [...around(mark)];
    placed.push({ place: places.find(isFree) ?? places[0]!, width: mark.width });
  }
  return placed.map(({ place }) => place);
}
