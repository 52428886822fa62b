import { AXLES, type SpareChoice, type Vehicle } from '#core/job';
import { WELL_MM } from '#core/spare';
import { formatNumber, type Words } from '#core/units';
import type { Drive } from '#core/verdict';
import { carCheck, FITS } from '../check';
import type { SpareReport } from '../report';
import type { CarCase } from './case';
import { driven, SPARE_PCT } from './spareReport';

/** Whether the spare goes in, is held down, and may run. */
export const spare = carCheck({
  label: 'Spare',
  group: 'car',
  kind: 'clearance',
  unit: 'mm',
  words: FITS,
  says: {
    limit: ({ unit }) => (unit === '%' ? 'diameter against the other wheels' : 'play in the well'),
    margin({ value, margin, unit, verdict }, words) {
      if (unit === '%') {
        if (verdict === 'unknown') return null;
        return value === null ? 'none carried' : `${formatNumber(value, 1, true)} % in diameter`;
      }
      if (margin === null || value === null || margin === 0) return null;
      return verdict === 'fail' ? 'does not go in' : `${words.length(Math.abs(value))} play`;
    },
  },
  judge({ job: { vehicle }, spare: found, words }: Pick<CarCase, 'job' | 'spare' | 'words'>) {
    if (!found) return null;
    const [other] = Object.values(found.differencePct)
      .filter((pct) => pct !== null)
      .sort((one, next) => Math.abs(next) - Math.abs(one));
    const inWell = found.choice === 'front' || found.choice === 'rear';
    const playMm = inWell ? found.playMm : null;
    return {
      ...(inWell ? { label: 'Spare in its well' } : {}),
      unit: inWell ? 'mm' : '%',
      value: inWell ? playMm : (other ?? null),
      limit: playMm === null ? null : WELL_MM.play,
      margin: playMm === null ? null : playMm - WELL_MM.play,
      verdict: found.verdict,
      lines: () => spareLines(vehicle, found, words),
    };
  },
});

/** What a tire is let down to so that it goes in (common practice, no source). */
const LET_DOWN_KPA = 100;

const CHOICES: Record<SpareChoice, string> = {
  front: 'a front wheel of this setup',
  rear: 'a rear wheel of this setup',
  kept: 'the car’s own spare',
  none: 'no spare',
};

function spareLines(vehicle: Vehicle, spare: SpareReport, words: Words): string[] {
  if (spare.assumed && spare.serves.length === 0)
    return ['not given: which wheel is carried as the spare; front and rear differ'];
  const lines = [`${CHOICES[spare.choice]}${spare.assumed ? ' (assumed: front and rear are alike)' : ''}`];
  if (spare.choice === 'none') return [...lines, 'carry a repair kit, and tell the driver'];
  if (spare.choice !== 'kept') lines.push(...wellLines(vehicle, spare, words));
  for (const axle of AXLES) {
    const pct = spare.differencePct[axle];
    if (pct !== null && Math.abs(pct) > 0.05)
      lines.push(`on the ${axle} axle its diameter differs by ${formatNumber(pct, 1, true)} %`);
  }
  lines.push(...drivenLines(vehicle.drive ?? null, spare));
  if (spare.choice === 'kept') lines.push('try it over the brakes before you need it');
  lines.push(
    spare.serves.length === 0 ? 'matches no position: short and slow only' : `can replace: ${spare.serves.join(', ')}`,
  );
  return lines;
}

function wellLines({ spare: well }: Vehicle, spare: SpareReport, words: Words): string[] {
  const lines: string[] = [];
  if (spare.playMm === null) lines.push("not known: the well's diameter, or the tire's");
  else
    lines.push(
      `well ${words.figure(well!.wellDiameterMm!)} − tire ${words.figure(well!.wellDiameterMm! - spare.playMm)} =` +
        ` ${words.length(spare.playMm)} play`,
    );
  if (spare.ridesMm !== null && spare.ridesMm > 0.05)
    lines.push(
      `the well tapers to ${words.figure(well!.wellFloorDiameterMm!)} at its floor: the tire meets the wall` +
        ` ${words.length(spare.ridesMm)} over it`,
    );
  if (spare.deflate)
    lines.push(
      `goes in let down to about ${words.measure('pressure', LET_DOWN_KPA)} (it gives about` +
        ` ${words.length(WELL_MM.yields)}); carry an inflator`,
    );
  if (spare.proudMm === null) lines.push("not known: the well's depth, or the width of the wheel");
  else if (spare.proudMm > 0)
    lines.push(
      `sticks out ${words.length(spare.proudMm)} above the well${roomAbove(well?.roomAboveMm ?? null, words)}`,
    );
  else lines.push('lies below the edge of the well');
  if (spare.clampMm === null) lines.push('not known: how it lies, its offset or its pad, for the hold-down');
  else if (spare.longerMm === null)
    lines.push(
      `the hold-down clamps at ${words.length(spare.clampMm)} over the floor; how high it reaches is not known`,
    );
  else
    lines.push(
      `clamped at ${words.length(spare.clampMm)} over the floor, the hold-down reaches` +
        ` ${words.length(well!.holdDownMm!)}:` +
        ` ${spare.longerMm > 0 ? `${words.length(spare.longerMm)} longer` : 'long enough'}`,
    );
  if (spare.longerMm !== null && spare.longerMm > 0)
    lines.push(
      spare.extension
        ? `to add: a coupling nut ${spare.extension.thread}, ${words.length(spare.extension.couplingMm)} or longer,` +
            ` and a stud ${spare.extension.thread} of ${words.length(spare.extension.studMm)} or more`
        : 'not known: the thread of the hold-down, to say what to add',
    );
  return lines;
}

function drivenLines(drive: Drive | null, { differencePct }: SpareReport): string[] {
  const apart = AXLES.filter((axle) => Math.abs(differencePct[axle] ?? 0) > SPARE_PCT.caution);
  if (apart.length === 0) return [];
  if (drive === null) return ['how the car is driven is not known'];
  const onDrivenAxles = apart.filter((axle) => driven(drive, axle));
  if (onDrivenAxles.length === 0) return ['not on a driven axle: short and slow'];
  if (drive === 'awd' || drive === '4wd')
    return ['both axles are driven: it works the differentials all the time; no further than the next shop'];
  const [axle] = onDrivenAxles;
  return [
    `not on the driven ${axle} axle: put a good wheel there and the spare on the` +
      ` ${axle === 'front' ? 'rear' : 'front'}`,
  ];
}

const roomAbove = (mm: number | null, words: Words): string =>
  mm === null ? '; room above it is not known' : `, room above ${words.length(mm)}`;
