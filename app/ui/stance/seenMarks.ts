/** A mark as the camera sees it, px. */
export interface SeenMark {
  key: string;
  text: string;
  beside?: string | undefined;
  from: readonly [number, number];
  to: readonly [number, number];
}

/** How far beside a line its figure is written, and how far apart two lines of letters stand, px. */
const BESIDE_PX = 8;
export const LETTERS_PX = 16;

/** About how wide a letter is, px. */
const LETTER_PX = 7.9;

/** Where a figure stands: the foot of its lowest line of letters, and which of their ends. */
export interface LabelPlace {
  x: number;
  y: number;
  anchor: 'middle' | 'start';
}

/** Where the figure of a mark is best written: beside a line that stands upright, over any other. */
function bestPlace({ from, to }: SeenMark): LabelPlace {
  const [dx, dy] = [Math.abs(to[0] - from[0]), Math.abs(to[1] - from[1])];
  const x = (from[0] + to[0]) / 2;
  if (dy > 2 * dx && dy > 2 * LETTERS_PX)
    return { x: x + BESIDE_PX, y: (from[1] + to[1]) / 2 + LETTERS_PX / 3, anchor: 'start' };
  return { x, y: Math.min(from[1], to[1]) - BESIDE_PX, anchor: 'middle' };
}

/** A rectangle of the picture, px. */
interface Box {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

const boxOf = ({ text, beside = '' }: SeenMark, { x, y, anchor }: LabelPlace): Box => {
  const width = Math.max(text.length, beside.length) * LETTER_PX;
  const left = anchor === 'middle' ? x - width / 2 : x;
  return { left, right: left + width, top: y - LETTERS_PX * (beside === '' ? 1 : 2), bottom: y };
};

const overlap = (one: Box, other: Box): boolean =>
  one.left < other.right && other.left < one.right && one.top < other.bottom && other.top < one.bottom;

/** Where the figures of marks are written: within the picture, and none over another; the lowest first. */
export function labelPlaces(seen: readonly SeenMark[], widthPx: number): Map<string, LabelPlace> {
  const taken: Box[] = [];
  const places = new Map<string, LabelPlace>();
  const written = seen.filter(({ text, from, to }) => text !== '' && isWithin((from[0] + to[0]) / 2, widthPx));
  const ordered = written
    .map((mark) => ({ mark, place: bestPlace(mark) }))
    .sort((one, other) => other.place.y - one.place.y);
  for (const { mark, place } of ordered) {
    const { left, right } = boxOf(mark, place);
    const x = place.x + Math.max(0, -left) - Math.max(0, right - widthPx);
    let at = { ...place, x };
    for (let other = taken.find((box) => overlap(box, boxOf(mark, at))); other;) {
      at = { ...at, y: other.top };
      other = taken.find((box) => overlap(box, boxOf(mark, at)));
    }
    taken.push(boxOf(mark, at));
    places.set(mark.key, at);
  }
  return places;
}

const isWithin = (x: number, widthPx: number): boolean => x >= 0 && x <= widthPx;

/** Whether a picture shows the same marks at the same places. */
export const isSameSeen = (one: readonly SeenMark[], other: readonly SeenMark[]): boolean =>
  one.length === other.length && one.every((mark, at) => isSameMark(mark, other[at]!));

/** By less than this nothing is seen to move, px. */
const STILL_PX = 0.25;

function isSameMark(one: SeenMark, other: SeenMark): boolean {
  const [places, others] = [one, other].map(({ from, to }) => [...from, ...to]) as [number[], number[]];
  return (
    one.key === other.key &&
    one.text === other.text &&
    one.beside === other.beside &&
    places.every((value, nth) => Math.abs(value - others[nth]!) < STILL_PX)
  );
}
