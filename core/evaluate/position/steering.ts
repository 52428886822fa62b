import { scrubRadiusMm } from '#core/position';
import { steeringAxis } from '#core/suspension';
import { LOADED_SHARE } from '#core/tire';
import type { FigureCase } from './case';

/** Puts the scrub radius on the sheet, and how it changes against now. */
export function steeringFigures({ sheet, candidate, present, axle, vehicleAxle }: FigureCase): void {
  const { words } = sheet;
  const axis = steeringAxis(vehicleAxle.suspension, axle);
  const offset = candidate.effectiveOffsetMm;
  const radius = candidate.loadedRadiusMm;
  if (!axis || offset === null || radius === null) return;
  const scrub = (effective: number, loaded: number) =>
    scrubRadiusMm({
      effectiveOffsetMm: effective,
      loadedRadiusMm: loaded,
      kingpinOffsetMm: axis.kingpinOffsetMm,
      kingpinInclinationDeg: axis.kingpinInclinationDeg,
    });
  const value = scrub(offset, radius);
  for (const key of axis.assumed) sheet.assumed.push(`vehicle.${axle}.suspension.${key}`);
  sheet.put('scrubRadiusMm', value, () => [
    `${words.figure(-offset)} + ${words.figure(axis.kingpinOffsetMm)} − ${words.figure(radius)} × tan` +
      ` ${words.number(axis.kingpinInclinationDeg)}° = ${words.length(value)}`,
    ...(candidate.tire.staticLoadedRadiusMm == null
      ? [`loaded radius ${LOADED_SHARE} × ${words.figure(radius / LOADED_SHARE)} = ${words.length(radius)} (assumed)`]
      : [`loaded radius ${words.length(radius)}, measured`]),
    ...(axis.assumed.length > 0 ? ['the steering axis is assumed from the kind of suspension'] : []),
  ]);
  if (present.effectiveOffsetMm === null || present.loadedRadiusMm === null) return;
  const before = scrub(present.effectiveOffsetMm, present.loadedRadiusMm);
  sheet.put('scrubChangeMm', value - before, () => [
    `${words.figure(value)} − ${words.figure(before)} = ${words.change(value - before)}`,
    'same effective offset, same moment on the bearing, by wheel or by spacer',
  ]);
}
