import { roomOn, type VehicleAxle } from '#core/job';
import { archRiseMm, diameterChangePct, rideHeightChangeMm, trueSpeed } from '#core/position';
import { formatNumber } from '#core/units';
import { diameterVerdict, limitInForce } from '#core/verdict';
import { axleCheck, limitLine, missing } from '../check';
import type { FigureCase, PositionCase } from './case';

/** Puts what the new diameter changes on the sheet: speed, ride height and the height of the body. */
export function diameterFigures({ sheet, candidate, present, change, vehicleAxle }: FigureCase): void {
  const { words } = sheet;
  const diameter = candidate.overallDiameterMm;
  const now = present.overallDiameterMm;
  if (diameter === null || now === null) return;
  const pct = diameterChangePct(diameter, now);
  sheet.put('diameterChangePct', pct, () => [
    `${words.figure(diameter)} / ${words.figure(now)} − 1 = ${formatNumber(pct, 2, true)} %`,
  ]);
  const speed = trueSpeed(100, diameter, now);
  sheet.put('trueSpeedAt100', speed, () => [
    `100 × ${words.figure(diameter)} / ${words.figure(now)} = ${words.number(speed)}, if it was exact before`,
    ...(speed > 100 ? ['the speedometer now reads lower than before: true speed is above the one shown'] : []),
  ]);
  const ride = rideHeightChangeMm(diameter, now);
  sheet.put('rideHeightChangeMm', ride, () => [
    `(${words.figure(diameter)} − ${words.figure(now)}) / 2 = ${words.change(ride)}, by the tire alone`,
  ]);
  const rise = archRiseMm(change);
  const height = ride + rise;
  sheet.put('bodyHeightChangeMm', height, () => [
    `tire ${words.change(ride)}${change ? ` + ${change.kind} change ${words.change(rise)}` : ''} =` +
      ` ${words.change(height)}`,
    ...(change && change.kind !== 'body' ? ['camber and toe change with it: align the wheels afterwards'] : []),
    ...(change?.kind === 'body'
      ? ['the wheels stay where they are: check steering shaft, hoses and lines instead']
      : []),
  ]);
  const read = lowerReading(vehicleAxle);
  if (read === null) return;
  const clearance = read + height;
  sheet.put('groundClearanceMm', clearance, () => [
    `read ${words.figure(read)} + body ${words.change(height)} = ${words.length(clearance)}, at rest`,
  ]);
}

/** The ground clearance of the lower side, null where neither was read. */
function lowerReading(vehicleAxle: VehicleAxle): number | null {
  const read = [vehicleAxle.room, roomOn(vehicleAxle, 'left')].flatMap((room) => room?.groundClearanceMm ?? []);
  return read.length > 0 ? Math.min(...read) : null;
}

/** The overall diameter against that of the tire on the car now. */
export const diameter = axleCheck({
  label: 'Diameter against now',
  group: 'tire',
  kind: 'range',
  unit: '%',
  bySize: true,
  judge({ job, sheet }: Pick<PositionCase, 'job' | 'sheet'>) {
    const limit = limitInForce('diameterPct', job);
    const value = sheet.diameterChangePct;
    return {
      value,
      limit: limit.value,
      margin: value === null ? null : limit.value - Math.abs(value),
      verdict: diameterVerdict(value, limit.value),
      lines: () => [
        ...(sheet.lines('diameterChangePct') ?? missing('the present and the new tire are needed')),
        ...(value !== null && value > 0 ? ['the speedometer now reads lower than before'] : []),
        limitLine(limit, `±${formatNumber(limit.value)} %`),
      ],
    };
  },
});
