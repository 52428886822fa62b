interface Point {
  id: string;
  offsetMm: number;
  rimWidthIn: number;
}

interface Scales {
  x(offsetMm: number): number;
  y(rimWidthIn: number): number;
}

/** How wide a point is: nearer ones would hide each other. */
const POINT_PX = 22;
/** By how much one is moved at a time to find room. */
const STEP_PX = 2;

/** No move, then ever further up and down. */
function* moves(most: number): Generator<number> {
  yield 0;
  for (let by = STEP_PX; by <= most; by += STEP_PX) yield* [-by, by];
}

/**
 * How far each point that would lie over another is moved up or down from its row, px: the least that lets every one be
 * seen; the first of those given stay where they are.
 */
export function fanOf(points: readonly Point[], { x, y }: Scales): ReadonlyMap<string, number> {
  const moved = new Map<string, number>();
  const placed: [number, number][] = [];
  for (const { id, offsetMm, rimWidthIn } of points) {
    const [across, row] = [x(offsetMm), y(rimWidthIn)];
    const near = placed.filter(([other]) => Math.abs(other - across) < POINT_PX);
    const isFree = (by: number) => near.every(([, other]) => Math.abs(other - row - by) >= POINT_PX);
    for (const by of moves(2 * POINT_PX * (near.length + 1))) {
      if (!isFree(by)) continue;
      if (by !== 0) moved.set(id, by);
      placed.push([across, row + by]);
      break;
    }
  }
  return moved;
}
