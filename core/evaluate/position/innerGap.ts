import { winterOn, type AxleName, type Job } from '#core/job';
import { inboardGapMm, innerPartOutMm } from '#core/position';
import { clearanceVerdict, limitInForce, withWinter, type Limit, type Verdict } from '#core/verdict';
import { axleCheck, limitLine, missing } from '../check';
import type { Sheet } from '../report';
import { contactLimit, lateralSpread, sureOfSum, surely } from '../spread';
import { worseSide, type PositionCase, type FigureCase } from './case';

/** Puts the gap to the nearest part beside the wheel on the sheet. */
export function innerGapFigures({ job, sheet, candidate, present, vehicleAxle }: FigureCase): void {
  const { words } = sheet;
  const [place, now] = [candidate.place, present.place];
  const gapIn = vehicleAxle.room?.inboardGapMm;
  if (!place || !now || gapIn == null) return;
  const part = innerPartOutMm(now, gapIn);
  const gap = inboardGapMm(place, part);
  sheet.rest('inboardGapMm', () =>
    sureOfSum('inboard', lateralSpread({ axle: vehicleAxle, key: 'inboardGapMm', candidate, present }), job),
  );
  sheet.put('inboardGapMm', gap, () => [
    `nearest inboard part at ${words.figure(now.innerMm)} − gap ${words.figure(gapIn)} = ${words.length(part)}` +
      ' from the hub face',
    `innermost ${words.figure(-place.effectiveOffsetMm)} − ${words.figure(place.extentMm)} =` +
      ` ${words.length(place.innerMm)}`,
    `${words.figure(place.innerMm)} − ${words.figure(part)} = ${words.length(gap)}`,
  ]);
}

/** The limit of the gap to the nearest part inboard; no less than what winter traction needs beside the tire. */
export const innerGapLimit = (job: Job, axle: AxleName): Limit =>
  withWinter(limitInForce('inboardMm', job), winterOn(axle, job), 'side');

/** The gap to the nearest part inboard, at rest. */
export const inboard = axleCheck({
  label: 'Inner clearance, at rest',
  group: 'room',
  kind: 'clearance',
  unit: 'mm',
  work: 'room',
  bySize: true,
  judge({ job, axle, sheet, left }: Pick<PositionCase, 'job' | 'axle' | 'sheet' | 'left'>) {
    const limit = innerGapLimit(job, axle);
    const verdictOf = (on: Sheet): Verdict =>
      surely(
        {
          verdict: clearanceVerdict(on.inboardGapMm, limit.value),
          clearanceMm: on.inboardGapMm,
          sure: () => on.sureOf('inboardGapMm'),
        },
        job,
      );
    const { figures, side } = worseSide({ sheet, left }, verdictOf, (on) => on.inboardGapMm);
    const value = figures.inboardGapMm;
    return {
      label: `Inner clearance, at rest${side}`,
      value,
      limit: limit.value,
      margin: value === null ? null : value - limit.value,
      verdict: verdictOf(figures),
      lines: () => [
        ...(figures.lines('inboardGapMm') ?? missing('wheel, tire and inner clearance are needed')),
        limitLine(limit, sheet.words.length(limit.value)),
      ],
      spread: figures.spreadOf('inboardGapMm', contactLimit(job)),
    };
  },
});
