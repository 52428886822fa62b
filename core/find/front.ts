import type { FindRow } from './records';

/** What is weighed against each other on the front: less is better. */
type Weighed = Pick<FindRow, 'partsCoins' | 'offTargetMm' | 'roomShare'>;

const figuresOf = ({ partsCoins, offTargetMm, roomShare }: Weighed): [number, number, number] => [
  partsCoins ?? Infinity,
  offTargetMm === null ? Infinity : Math.abs(offTargetMm),
  roomShare,
];

/**
 * The Pareto front of rows by cost, distance from the target and tightest room: those that no other row is at least as
 * good as in all three, and better in one. What is not known counts as worst. Sorted by cost, a row has to be held
 * against the front so far only.
 */
export function frontOf<T extends Weighed>(rows: readonly T[]): Set<T> {
  const sorted = rows
    .map((row) => ({ row, figures: figuresOf(row) }))
    .sort((one, other) => compare(one.figures, other.figures));
  const front: typeof sorted = [];
  for (const one of sorted) if (!front.some(({ figures }) => beats(figures, one.figures))) front.push(one);
  return new Set(front.map(({ row }) => row));
}

function compare(one: readonly number[], other: readonly number[]): number {
  for (let i = 0; i < one.length; i++) if (one[i] !== other[i]) return one[i]! < other[i]! ? -1 : 1;
  return 0;
}

const beats = (one: readonly number[], other: readonly number[]): boolean =>
  one.every((figure, i) => figure <= other[i]!) && one.some((figure, i) => figure < other[i]!);
