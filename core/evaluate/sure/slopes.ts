import type { AxleName, Job, Setup } from '#core/job';
import { carsOf } from './cars';
import { obstacleSpreads } from './draws';
import { onlyOf, touchShare, type ObstacleSpreads } from './spreads';

/**
 * How sure the clearances of an axle's parts are, to first order: every input is off by its ± alone, either way, and the parts are looked at
 * where the sweep came nearest. Good enough to tell what is clear of doubt; what is not wants draws.
 */
export function obstacleSlopes(job: Job, setup: Setup, axle: AxleName): ObstacleSpreads {
  return slopesOf(job, setup, axle).spreads;
}

function slopesOf(job: Job, setup: Setup, axle: AxleName) {
  const cars = carsOf(job, setup, axle, true);
  if (!cars) return { spreads: {}, clearances: new Map<string, number>() };
  const { inputs, placed, nominal } = cars;
  const moved = inputs.map(({ plusMinus }, i) => {
    const [less, more] = [-plusMinus, plusMinus].map((off) => cars.clearances(inputs.map((_, at) => (at === i ? off : 0)), false)); // prettier-ignore
    return placed.map((_, at) => (less![at] == null || more![at] == null ? 0 : Math.abs(more![at] - less![at]) / 2));
  });
  const spreads = Object.fromEntries(
    placed.map(({ obstacle: { id } }, at) => {
      const parts = inputs.map(({ name, assumed }, i) => ({ name, assumed, plusMinus: moved[i]![at]! }));
      return [id, { parts: onlyOf(parts, inputs, id), values: null }];
    }),
  );
  return { spreads, clearances: new Map(nominal.parts.map(({ id, clearanceMm }) => [id, clearanceMm])) };
}

/** Between these chances of contact the first order does not decide. */
const DOUBT = [0.005, 0.25] as const;

/** The same for a verdict: drawn where the first order leaves a doubt. */
export function obstacleDoubts(job: Job, setup: Setup, axle: AxleName): ObstacleSpreads {
  const { spreads, clearances } = slopesOf(job, setup, axle);
  const open = Object.entries(spreads).some(([id, sure]) => {
    const touches = touchShare(sure, clearances.get(id)!);
    return touches > DOUBT[0] && touches < DOUBT[1];
  });
  return open ? obstacleSpreads(job, setup, axle) : spreads;
}
