import { AXLES, ruleInForce, type AxleName, type Job, type Setup, type Vehicle } from '#core/job';
import { isPriceKey } from '#core/units';
import type { SweepTask } from '../workers/sweepProtocol';

/** A sweep, or a draw, that is wanted: where it is kept, what it depends on, and what is asked for it. */
export interface Wanted {
  slot: string;
  /** What it depends on, by content; and part by part, by identity. */
  key: string;
  parts: readonly unknown[];
  task: SweepTask;
}

/** Where a sweep is kept; no setup's id can name the present car's. */
export const presentSlot = (axle: AxleName): string => `now: ${axle}`;
export const setupSlot = (id: string, axle: AxleName): string => `setup ${id}: ${axle}`;

/** Names what is wanted of a slot as it is now. */
export const wantedBy = (slot: string, key: string): string => `${slot} ${key}`;

/** What a sweep of an axle depends on; the history of its readings is not among it. */
function carParts(vehicle: Vehicle, axle: AxleName): unknown[] {
  const { baseline, room, left, suspension, obstacles, dual } = vehicle[axle] ?? {};
  return [vehicle.flangeMm, baseline, room, left, suspension, obstacles, dual];
}

/** What a sweep of a setup depends on, and so how sure its clearances are. */
export const partsOf = ({ job, setup, axle }: { job: Job; setup: Setup; axle: AxleName }): unknown[] => [
  ...carParts(job.vehicle, axle),
  setup[axle],
  setup.suspensionChange?.[axle],
  job.brief?.sweep,
  ruleInForce('poses', job),
];

/** Whether two lists are of the very same parts. */
export const sameParts = (one: readonly unknown[], other: readonly unknown[]): boolean =>
  one.length === other.length && one.every((part, at) => part === other[at]);

const wanted = (slot: string, parts: unknown[], task: SweepTask): Wanted => ({
  slot,
  // What a part costs moves nothing: a price that is typed leaves the sweep as it is.
  key: JSON.stringify(parts, (key, value: unknown) => (isPriceKey(key) ? undefined : value)),
  parts,
  task,
});

/** What is wanted of a job: the present car first, then the raised setup, then the others in their order. */
export function wantedFor(job: Job, raised: Setup | null): { sweeps: Wanted[]; draws: Wanted[] } {
  const { vehicle } = job;
  const order = raised ? [raised, ...job.setups.filter((setup) => setup !== raised)] : job.setups;
  const alone = { ...job, setups: [] };
  const present = AXLES.map((axle) =>
    wanted(presentSlot(axle), carParts(vehicle, axle), { kind: 'present', vehicle, axle }),
  );
  const draws = order.flatMap((setup) =>
    AXLES.map((axle) =>
      wanted(setupSlot(setup.id, axle), partsOf({ job, setup, axle }), { kind: 'candidate', job: alone, setup, axle }),
    ),
  );
  return { sweeps: [...present, ...draws], draws };
}
