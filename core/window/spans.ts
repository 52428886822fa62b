/** A stretch of a line. */
export type Span = readonly [from: number, to: number];

/** The stretches that any of the given ones covers, in order, none touching another. */
export function united(spans: readonly Span[]): Span[] {
  const sorted = [...spans].filter(([from, to]) => to > from).sort((one, other) => one[0] - other[0]);
  const joined: [number, number][] = [];
  for (const [from, to] of sorted) {
    const last = joined.at(-1);
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else joined.push([from, to]);
  }
  return joined;
}

/** What of a stretch the given ones leave. */
export function left([from, to]: Span, blocked: readonly Span[]): Span[] {
  const free: Span[] = [];
  let at = from;
  for (const [start, end] of united(blocked)) {
    if (end <= at) continue;
    if (start >= to) break;
    if (start > at) free.push([at, start]);
    at = Math.max(at, end);
  }
  if (at < to) free.push([at, to]);
  return free;
}

/** Least distance between two sets of stretches; 0 where they meet, Infinity where either is empty. */
export function apart(some: readonly Span[], others: readonly Span[]): number {
  let least = Infinity;
  for (const [from, to] of some)
    for (const [start, end] of others) least = Math.min(least, Math.max(0, start - to, from - end));
  return least;
}
