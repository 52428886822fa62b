import { winterOn, type AxleName, type Job, type VehicleAxle } from '#core/job';
import { archGapMm, archRiseMm } from '#core/position';
import { USUAL_GEOMETRY } from '#core/suspension';
import { clearanceVerdict, limitInForce, withWinter, type Limit, type Verdict } from '#core/verdict';
import { axleCheck, limitLine, missing } from '../check';
import type { AxleParts } from '../parts';
import type { Sheet } from '../report';
import { archSpread, contactLimit, sureOfSum, surely } from '../spread';
import { worseSide, type PositionCase, type FigureCase } from './case';

/** Puts the gap between tread and fender lip on the sheet. */
export function archGapFigures({ job, sheet, candidate, present, vehicleAxle, change }: FigureCase): void {
  const { words } = sheet;
  const [diameter, now] = [candidate.overallDiameterMm, present.overallDiameterMm];
  const presentGap = vehicleAxle.room?.archGapMm;
  if (diameter === null || now === null || presentGap == null) return;
  const rise = archRiseMm(change);
  const gap = archGapMm({
    presentGapMm: presentGap,
    diameterMm: diameter,
    presentDiameterMm: now,
    suspensionRiseMm: rise,
  });
  sheet.rest('archGapMm', () => sureOfSum('arch', archSpread(vehicleAxle, candidate, present), job));
  sheet.put('archGapMm', gap, () => [
    `gap now ${words.figure(presentGap)} − half the growth ${words.figure((diameter - now) / 2)}` +
      `${change ? ` + ${change.kind} change ${words.figure(rise)}` : ''} = ${words.length(gap)}`,
    'at rest; bump travel uses it up',
  ]);
}

/** The limit of the gap between tread and fender lip; no less than what winter traction needs over the tread. */
export const archGapLimit = (job: Job, axle: AxleName): Limit =>
  withWinter(limitInForce('archMm', job), winterOn(axle, job), 'tread');

/** A tire so far inside the lip goes past it, however far the wheel comes up, mm (common practice, no source). */
const PASSES_INSIDE_MM = 10;

const usualBumpMm = ({ suspension }: VehicleAxle): number => suspension?.bumpMm ?? USUAL_GEOMETRY.strut.bumpMm;

type ArchCase = Pick<PositionCase, 'job' | 'axle' | 'vehicleAxle' | 'sheet' | 'left'> & { parts: AxleParts };

/**
 * Whether a gap at rest says too little, for nobody knows how far the wheel comes up: unless it takes the usual bump
 * travel, or the tire goes past inside the lip. Null where the travel is known: then the sweep of the lip says it.
 */
const travelOpen = ({ parts, vehicleAxle }: ArchCase): ((on: Sheet) => boolean) | null =>
  parts.resolved.geometry
    ? null
    : ({ archGapMm: gap, pokeMm }) =>
        (gap ?? 0) < usualBumpMm(vehicleAxle) && !(pokeMm !== null && pokeMm <= -PASSES_INSIDE_MM);

/** The gap between tread and fender lip, at rest. */
export const arch = axleCheck({
  label: 'Fender clearance, at rest',
  group: 'room',
  kind: 'clearance',
  unit: 'mm',
  work: 'room',
  bySize: true,
  judge(one: ArchCase) {
    const { job, axle, vehicleAxle, sheet } = one;
    const { words } = sheet;
    const limit = archGapLimit(job, axle);
    const open = travelOpen(one);
    const verdictOf = (on: Sheet): Verdict => {
      const { archGapMm: clearanceMm } = on;
      const byFigure = clearanceVerdict(clearanceMm, limit.value);
      const verdict = surely({ verdict: byFigure, clearanceMm, sure: () => on.sureOf('archGapMm') }, job);
      return verdict === 'ok' && open?.(on) ? 'unknown' : verdict;
    };
    const { figures, side } = worseSide(one, verdictOf, (on) => on.archGapMm);
    const value = figures.archGapMm;
    const bump = () => words.length(usualBumpMm(vehicleAxle));
    return {
      label: `Fender clearance, at rest${side}`,
      value,
      limit: limit.value,
      margin: value === null ? null : value - limit.value,
      verdict: verdictOf(figures),
      lines: () => [
        ...(figures.lines('archGapMm') ?? missing('tire and fender clearance are needed')),
        limitLine(limit, words.length(limit.value)),
        ...(open?.(figures)
          ? [
              `how far the wheel comes up is not known: about ${bump()} of bump travel is usual,` +
                ` and the tire does not pass ${words.length(PASSES_INSIDE_MM)} inside the lip`,
              'enter the suspension, in Room',
            ]
          : []),
      ],
      spread: figures.spreadOf('archGapMm', contactLimit(job)),
    };
  },
});
