/** Work that yields the share done on its way, for progress and for stopping, and returns its outcome. */
export type Steps<T> = Generator<number, T>;

/** Work done at one go. */
export function atOnce<T>(steps: Steps<T>): T {
  for (let step = steps.next(); ; step = steps.next()) if (step.done) return step.value;
}

/** Work as a stretch of other work, from a share of it on. */
export function* within<T>(steps: Steps<T>, from: number, share: number): Steps<T> {
  for (let step = steps.next(); ; step = steps.next()) {
    if (step.done) return step.value;
    yield from + step.value * share;
  }
}
