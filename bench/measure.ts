import { performance } from 'node:perf_hooks';

interface Rounds {
  callsARound?: number;
  rounds?: number;
  /** So many calls before the first round: until the engine has compiled all of a work as far as it goes. */
  warmUp?: number;
}

/** The median time of one call in microseconds, over rounds of many calls after a warm-up. */
export function medianMicroseconds(
  work: () => unknown,
  { callsARound = 200, rounds = 30, warmUp }: Rounds = {},
): number {
  for (let n = 0; n < (warmUp ?? callsARound); n++) work();
  const times = Array.from({ length: rounds }, () => {
    const start = performance.now();
    for (let n = 0; n < callsARound; n++) work();
    return ((performance.now() - start) * 1000) / callsARound;
  });
  return times.sort((a, b) => a - b)[Math.floor(rounds / 2)]!;
}
