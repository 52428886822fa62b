import { type AxleReport, type SetupReport, verdictWord, type Check } from '#core/evaluate';
import type { AxleName } from '#core/job';
import { GEOMETRY_NAMES, type GeometryKey } from '#core/suspension';
import { formatMeasure, formatNumber, measureFigure, measureSign, offsetFigure } from '#core/units';
import type { Lengths } from '../../preferences/PreferencesContext';
import { limitText, sureText, unitText, valueFigure } from '../checkWords';

/** A figure of the ledger as it is shown. */
export interface Row {
  key: string;
  label: string;
  note: string;
  value: string;
  unit: string;
  /** The arithmetic; asked for only where the row is open. */
  working(): string[];
  check?: Check;
}

const ASSUMED: Record<string, string> = {
  flangeMm: 'flange thickness 12.7 mm a side',
  stackMm: 'no spacer on the car now',
  uncertaintyMm: 'the gaps at rest as measured with a tape, ±1.5 mm',
  innerFace: "the wheel's inner face, by the family of its spokes",
  'assumed-lip': 'a fender lip from the gaps at rest',
  'assumed-lip-left': 'a fender lip from the gaps at rest, left',
};

const MOVING_NAMES: Record<'kind' | GeometryKey, string> = { kind: 'its kind (independent)', ...GEOMETRY_NAMES };

/** What was taken as usual, in words; the values of the suspension in one. */
export function assumedNames(paths: readonly string[]): string[] {
  const moving = paths.filter((path) => path.includes('.suspension.'));
  const others = paths
    .filter((path) => !path.includes('.suspension.'))
    .map((path) => ASSUMED[path.split('.').at(-1)!] ?? path);
  const named = moving.map((path) => MOVING_NAMES[path.split('.').at(-1) as 'kind' | GeometryKey]);
  return [...others, ...(named.length > 0 ? [`of the suspension, as usual for its kind: ${named.join(', ')}`] : [])];
}

/** The thinnest stack with which the brake clears, where its room is known. */
export function brakeRows({ brake }: AxleReport, lengths: Lengths): Row[] {
  if (brake.spokeMm === null && brake.barrelMm === null) return [];
  return [
    {
      key: 'stackToClearMm',
      label: 'Brake clears with a stack of',
      note: brake.stackToClearMm === null ? 'no stack makes it clear' : 'in total, by its limits',
      value: lengths.figure(brake.stackToClearMm),
      unit: brake.stackToClearMm === null ? '' : lengths.sign,
      working: () => ['the least that keeps the limits at spokes, barrel and weights; see Brakes'],
    },
  ];
}

/** A check as a row. */
export function checkRow(check: Check, lengths: Lengths): Row {
  return {
    key: check.code,
    label: check.label,
    note: `${verdictWord(check)} · ${limitText(check, lengths)}${sureText(check, lengths)}`,
    value: valueFigure(check, lengths),
    unit: check.value === null || valueFigure(check, lengths) === 'same' ? '' : unitText(check, lengths),
    working: () => check.working,
    check,
  };
}

interface LengthRow {
  key: Exclude<keyof AxleReport['working'], keyof AxleReport['tire']>;
  label: string;
  note: string;
  /** A change, with its sign. */
  plus?: boolean | undefined;
}

/** Rows of an axle's lengths. */
const lengthOf =
  (axle: AxleReport, lengths: Lengths) =>
  ({ key, label, note, plus = false }: LengthRow): Row => ({
    key,
    label,
    note,
    value: lengths.figure(axle[key], plus),
    unit: axle[key] === null ? '' : lengths.sign,
    working: () => axle.working[key] ?? [],
  });

/** What a wheel is by itself, and what moves against now. */
export function wheelRows(axle: AxleReport, lengths: Lengths): Row[] {
  const length = lengthOf(axle, lengths);
  const offset = axle.effectiveOffsetMm;
  return [
    {
      key: 'effectiveOffsetMm',
      label: 'Effective offset',
      note: 'offset less stack',
      value: offset === null ? '—' : offsetFigure(offset),
      unit: offset === null ? '' : 'mm',
      working: () => axle.working.effectiveOffsetMm ?? [],
    },
    length({ key: 'backspacingOverallMm', label: 'Backspacing, overall', note: 'as a straightedge reads it' }),
    length({ key: 'backspacingNominalMm', label: 'Backspacing, nominal', note: 'arithmetic on the nominal width' }),
    length({ key: 'frontspacingMm', label: 'Front spacing', note: 'overall width less backspacing' }),
    length({ key: 'overallWidthMm', label: 'Overall width', note: 'nominal width and both flanges' }),
    length({ key: 'outerChangeMm', label: 'Outer face change', note: 'against now, + outboard', plus: true }),
    length({ key: 'innerChangeMm', label: 'Inner face change', note: 'against now, + inboard', plus: true }),
    length({ key: 'trackChangeMm', label: 'Track', note: 'against now', plus: true }),
    ...(axle.scrubRadiusMm === null
      ? []
      : [
          length({
            key: 'scrubRadiusMm',
            label: 'Scrub radius',
            note: axle.assumed.some((path) => path.includes('kingpin'))
              ? 'steering axis assumed'
              : 'steering axis measured',
            plus: true,
          }),
          length({ key: 'scrubChangeMm', label: 'Scrub radius change', note: 'against now', plus: true }),
        ]),
  ];
}

/** What a tire is by itself on this rim. */
export function tireRows(axle: AxleReport, lengths: Lengths): Row[] {
  const { tire } = axle;
  const length = (
    key: 'overallDiameterMm' | 'sectionWidthMm' | 'serviceWidthMm' | 'serviceDiameterMm',
    label: string,
    note: string,
  ): Row => ({
    key,
    label,
    note,
    value: lengths.figure(tire[key]),
    unit: tire[key] === null ? '' : lengths.sign,
    working: () => axle.working[key] ?? [],
  });
  const height = lengthOf(axle, lengths);
  return [
    length('overallDiameterMm', 'Overall diameter', 'new and inflated'),
    length('sectionWidthMm', 'Section width', 'on this rim'),
    length('serviceWidthMm', 'Section in service, up to', 'grown, UNECE R30'),
    length('serviceDiameterMm', 'Diameter in service, up to', 'grown, UNECE R30'),
    {
      key: 'revolutionsPerKm',
      label: lengths.sign === 'mm' ? 'Revolutions a km' : 'Revolutions a mile',
      note: 'by the rolling circumference',
      value:
        tire.revolutionsPerKm === null
          ? '—'
          : formatNumber(lengths.sign === 'mm' ? tire.revolutionsPerKm : tire.revolutionsPerMile!),
      unit: '',
      working: () => axle.working[lengths.sign === 'mm' ? 'revolutionsPerKm' : 'revolutionsPerMile'] ?? [],
    },
    height({ key: 'rideHeightChangeMm', label: 'Ride height', note: 'by the tire alone', plus: true }),
    height({
      key: 'bodyHeightChangeMm',
      label: 'Body height',
      note: 'tire and suspension change together',
      plus: true,
    }),
    ...(axle.groundClearanceMm === null
      ? []
      : [height({ key: 'groundClearanceMm', label: 'Ground clearance', note: 'as read, moved with the body' })]),
    ...(axle.pressureKpa === null
      ? []
      : [
          measured({
            key: 'pressureKpa',
            label: 'Cold pressure, estimate',
            note: "the tire maker's table decides",
            axle,
            lengths,
          }),
        ]),
  ];
}

const QUANTITIES = {
  massKg: 'mass',
  massChangeKg: 'mass',
  equivalentChangeKg: 'mass',
  pressureKpa: 'pressure',
} as const;

function measured({
  key,
  label,
  note,
  axle,
  lengths,
}: {
  key: keyof typeof QUANTITIES;
  label: string;
  note: string;
  axle: AxleReport;
  lengths: Lengths;
}): Row {
  const value = axle[key];
  const quantity = QUANTITIES[key];
  return {
    key,
    label,
    note,
    value: value === null ? '—' : measureFigure({ quantity, value, unit: lengths.units, plus: key.includes('Change') }),
    unit: value === null ? '' : measureSign(quantity, lengths.units),
    working: () => axle.working[key] ?? [],
  };
}

/** Weight of a corner and how hard it is to set turning; engine speed where the ratios are known. */
export function carRows(report: SetupReport, name: AxleName, lengths: Lengths): Row[] {
  const axle = report[name];
  const weights =
    axle.massKg === null
      ? []
      : [
          measured({ key: 'massKg', label: `Weight, ${name} corner`, note: 'wheel, tire and stack', axle, lengths }),
          measured({ key: 'massChangeKg', label: 'Weight change', note: 'a corner, against now', axle, lengths }),
          measured({
            key: 'equivalentChangeKg',
            label: 'Equivalent mass when accelerating',
            note: 'with what turns: m + I/R²',
            axle,
            lengths,
          }),
          {
            key: 'inertiaChangePct',
            label: 'Rotating inertia',
            note: 'against now',
            value: axle.inertiaChangePct === null ? '—' : formatNumber(axle.inertiaChangePct, 1, true),
            unit: axle.inertiaChangePct === null ? '' : '%',
            working: () => [...(axle.working.inertiaKgM2 ?? []), ...(axle.working.inertiaChangePct ?? [])],
          },
        ];
  const at = report.speedometer.engine?.find(({ speedKmh }) => speedKmh >= 100) ?? report.speedometer.engine?.at(-1);
  if (!at) return weights;
  return [
    ...weights,
    {
      key: 'engineRpm',
      label: `Engine at ${formatMeasure({ quantity: 'speed', value: at.speedKmh, unit: lengths.units })}`,
      note: at.nowRpm === null ? 'true speed' : `true speed; now ${formatNumber(at.nowRpm, 0)}`,
      value: formatNumber(at.rpm, 0),
      unit: '/min',
      working: () => report.speedometer.working,
    },
  ];
}
