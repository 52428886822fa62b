import {
  isSameFigure,
  stepState,
  type AskedFigure,
  type Corner,
  type Fitting,
  type MeasuredFigure,
  type StepDone,
  type TorqueRow,
} from '#core/fitting';
import type { Edit } from '#core/job';
import type { FittingStep } from '#core/sheet';

const at = ({ id }: Fitting, ...rest: string[]): string[] => ['fittings', id, ...rest];
const stepAt = (fitting: Fitting, { keptAt, id }: FittingStep, ...rest: string[]): string[] =>
  at(fitting, 'corners', keptAt, 'steps', id, ...rest);

/** What a fitting keeps of a step. */
export const doneOf = ({ corners }: Fitting, { keptAt, id }: FittingStep): StepDone | undefined =>
  corners[keptAt]?.steps?.[id];

/** Ticks a step; where somebody else has ticked it meanwhile, theirs stays. */
export const tick = (fitting: Fitting, step: FittingStep, done: { doneAt: string; by: string }): Edit[] => {
  const { doneAt, by } = done;
  const known = doneOf(fitting, step);
  const value: StepDone = { ...known, doneAt, ...(by ? { by } : {}) };
  return [
    known ? { op: 'set', path: stepAt(fitting, step), value } : { op: 'fill', path: stepAt(fitting, step), value },
  ];
};

/** Opens a step again, ticked or not needed; its note stays. */
export function untick(fitting: Fitting, step: FittingStep): Edit[] {
  const known = doneOf(fitting, step);
  if (stepState(known) === 'open') return [];
  const { note, result } = known!;
  const kept = { ...(note ? { note } : {}), ...(result ? { result } : {}) };
  const path = stepAt(fitting, step);
  return [Object.keys(kept).length > 0 ? { op: 'set', path, value: kept } : { op: 'clear', path }];
}

/** Sets or empties a word of a step: its note, its result, or why it is not needed. */
export const sayOfStep = (
  fitting: Fitting,
  step: FittingStep,
  [key, text]: ['note' | 'result' | 'notNeeded', string | null],
): Edit[] => {
  const path = stepAt(fitting, step, key);
  return [text ? { op: 'set', path, value: text } : { op: 'clear', path }];
};

/** What was read of a figure in a pose. */
export const readOf = ({ corners }: Fitting, corner: Corner, asked: AskedFigure): MeasuredFigure | undefined =>
  corners[corner]?.measured?.find((one) => isSameFigure(one, asked));

/** Reads a figure at a corner; one that was read before is replaced, and none takes it away. */
export function measure(
  fitting: Fitting,
  corner: Corner,
  { valueMm, ...reading }: Omit<MeasuredFigure, 'valueMm'> & { valueMm: number | null },
): Edit[] {
  const path = at(fitting, 'corners', corner, 'measured');
  const before = readOf(fitting, corner, reading);
  return [
    ...(before ? [{ op: 'remove' as const, path, value: before }] : []),
    ...(valueMm === null ? [] : [{ op: 'add' as const, path, value: { ...reading, valueMm } }]),
  ];
}

/** Whether a reading came after its fitting was closed: from another device, that did not know. */
export const isAfterEnd = ({ finishedAt }: Pick<Fitting, 'finishedAt'>, takenAt: string | undefined): boolean =>
  finishedAt != null && takenAt !== undefined && new Date(takenAt) > new Date(finishedAt);

/** Keeps pulls of the wrench. */
export const pull = (fitting: Fitting, corner: Corner, rows: readonly TorqueRow[]): Edit[] =>
  rows.map((value) => ({ op: 'add', path: at(fitting, 'corners', corner, 'torque'), value }));

/** Takes the last pull of a joint back. */
export function unpull(fitting: Fitting, corner: Corner, joint: TorqueRow['joint']): Edit[] {
  const last = fitting.corners[corner]?.torque?.findLast((row) => row.joint === joint);
  return last ? [{ op: 'remove', path: at(fitting, 'corners', corner, 'torque'), value: last }] : [];
}

/** A time of this fitting: the clock's, but never before the fitting began. */
export const timeIn = ({ startedAt }: Pick<Fitting, 'startedAt'>, now: Date): string =>
  new Date(Math.max(now.getTime(), new Date(startedAt).getTime())).toISOString();
