import { AXLES, type AxleName } from './axle';
import type { Job } from './job';
import type { Setup, SetupAxle } from './setup';
import type { Vehicle } from './vehicle';

/** How long the name of a setup may be, characters. */
export const SETUP_NAME_LENGTH = 120;

/** The first free id of the row a, b, … z, s27, s28 …. */
export function freeSetupId(job: Job): string {
  const taken = new Set(job.setups.map(({ id }) => id));
  for (let n = 0; ; n++) {
    const id = n < 26 ? String.fromCharCode(97 + n) : `s${n + 1}`;
    if (!taken.has(id)) return id;
  }
}

/** A new setup that starts from what is on the car now, so that the first nudge already says something. */
export function setupFromPresent(job: Job): Setup {
  const setup: Setup = { id: freeSetupId(job) };
  for (const axle of AXLES) {
    const present = presentAsSetupAxle(job.vehicle, axle);
    if (present) setup[axle] = structuredClone(present);
  }
  return setup;
}

/** The car as it stands, in the form of a setup. */
export function presentSetup(job: Job): Setup {
  const present: Setup = { id: 'now', label: 'now' };
  for (const axle of AXLES) present[axle] = presentAsSetupAxle(job.vehicle, axle) ?? {};
  return present;
}

/** A copy of a setup under a free id. */
export function copyOfSetup(job: Job, setup: Setup): Setup {
  const { label, ...rest } = structuredClone(setup);
  return {
    ...rest,
    id: freeSetupId(job),
    ...(label === undefined ? {} : { label: `${label} copy`.slice(0, SETUP_NAME_LENGTH) }),
  };
}

/**
 * The present wheel and tire of an axle in the form of a candidate; what stands between hub and wheel becomes one
 * slip-on piece.
 */
export function presentAsSetupAxle(vehicle: Vehicle, axle: AxleName): SetupAxle | null {
  const baseline = vehicle[axle]?.baseline;
  if (!baseline) return null;
  return {
    ...(baseline.wheel ? { wheel: baseline.wheel } : {}),
    ...(baseline.tire ? { tire: baseline.tire } : {}),
    ...(baseline.dualSpacerMm == null ? {} : { dualSpacerMm: baseline.dualSpacerMm }),
    stack: baseline.stackMm ? [{ kind: 'slip-on', thicknessMm: baseline.stackMm }] : [],
  };
}
