import { CORNERS, placeOfCorner, type Corner, type FittedCorner, type Fitting } from '#core/fitting';
import type { Job, StackPart } from '#core/job';
import { pathText, type Fault } from '#formats/faults';

type Path = readonly (string | number)[];

/** What of the fittings of a job cannot be beside the rest of it: each is well formed in itself. */
export function fittingFaults(job: Job): Fault[] {
  return (job.fittings ?? []).flatMap((fitting, at) => {
    const path: Path = ['fittings', at];
    return [
      ...early(fitting, timesOf(fitting, path)),
      ...CORNERS.flatMap((corner) => {
        const fitted = fitting.corners[corner];
        const here = [...path, 'corners', corner];
        return fitted
          ? [...cornerFaults({ job, corner, fitted, path: here }), ...early(fitting, timesAt(fitted, here))]
          : [];
      }),
    ];
  });
}

interface CornerAsk {
  job: Job;
  corner: Corner;
  fitted: FittedCorner;
  path: Path;
}

const isAdapter = ({ kind }: StackPart): boolean => kind === 'bolt-on';

function cornerFaults({ job, corner, fitted, path }: CornerAsk): Fault[] {
  const faults: Fault[] = [];
  const { axle } = placeOfCorner(corner);
  const car = job.vehicle[axle];
  const say = (at: Path, message: string) => faults.push({ path: pathText([...path, ...at]), message });
  if (!job.setups.some(({ id }) => id === fitted.setup)) say(['setup'], `there is no setup “${fitted.setup}”`);
  if (corner.endsWith('Inner') && car?.dual !== true) say([], `the ${axle} axle has no inner wheels`);
  const hub = car?.hub?.lugCount ?? null;
  const adapter = job.setups.find(({ id }) => id === fitted.setup)?.[axle]?.stack?.findLast(isAdapter);
  const wheel = adapter?.toLugCount ?? hub;
  fitted.torque?.forEach(({ joint, fastener }, row) => {
    const lugs = joint === 'wheel' ? wheel : hub;
    const carrier = joint === 'wheel' && adapter ? `${axle} adapter` : `${axle} hub`;
    if (lugs !== null && fastener > lugs) say(['torque', row, 'fastener'], `the ${carrier} has ${lugs} fasteners`);
  });
  return faults;
}

/** Every time that a fitting, or a corner of it, speaks of, with its place. */
type Times = (readonly [Path, string | null | undefined])[];

const timesOf = ({ finishedAt, retorque = [] }: Fitting, path: Path): Times => [
  [[...path, 'finishedAt'], finishedAt],
  ...retorque.map(({ doneAt }, at) => [[...path, 'retorque', at, 'doneAt'], doneAt] as const),
];

const timesAt = ({ steps = {}, measured = [], torque = [], marks = [] }: FittedCorner, path: Path): Times => [
  ...marks.map(({ takenAt }, at) => [[...path, 'marks', at, 'takenAt'], takenAt] as const),
  ...Object.entries(steps).map(([name, { doneAt }]) => [[...path, 'steps', name, 'doneAt'], doneAt] as const),
  ...measured.map(({ takenAt }, at) => [[...path, 'measured', at, 'takenAt'], takenAt] as const),
  ...torque.map(({ takenAt }, at) => [[...path, 'torque', at, 'takenAt'], takenAt] as const),
];

const early = ({ startedAt }: Fitting, times: Times): Fault[] =>
  times.flatMap(([path, time]) =>
    time != null && new Date(time) < new Date(startedAt)
      ? [{ path: pathText([...path]), message: 'is before the fitting began' }]
      : [],
  );
