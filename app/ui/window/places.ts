import { evaluateSetup, NO_SWEEPS, type Check, type CheckCode } from '#core/evaluate';
import { setupAt, tireFor, type FitWindow, type TireRule, type WindowRow } from '#core/advice/window';
import type { Setup, SetupOnAxle } from '#core/job';
import { itemName, wheelFromShelf, type ShelfItem } from '#core/shelf';
import { worstVerdict, type Verdict } from '#core/verdict';
import { DEFAULT_FLANGE_MM, wheelOffsetMm } from '#core/wheel';

/** A wheel on the shelf as a point of the window. */
export interface StockPoint {
  name: string;
  rimWidthIn: number;
  offsetMm: number;
  verdict: Verdict;
  /** What holds it, worst first. */
  held: string[];
  /** The setup it would make. */
  setup: Setup;
}

/** What is judged of a wheel wherever it stands in the window. */
const JUDGED: ReadonlySet<string> = new Set<CheckCode>([
  'pattern',
  'centring',
  'fastening',
  'seat',
  'brake-spoke',
  'brake-barrel',
  'brake-weight',
  'wheel-rating',
]);

/** The row a rim width belongs to. */
export const rowAt = (window: FitWindow, rimWidthIn: number): WindowRow | undefined =>
  window.rows.find((row) => Math.abs(row.rimWidthIn - rimWidthIn) < 0.26);

/**
 * Whether every limit of the window holds at a place, and how far the nearest edge is: inside to it, outside back to
 * it. Mm.
 */
export function limitsAt(row: WindowRow | undefined, offsetMm: number) {
  const spans = row?.spans ?? [];
  const inside = spans.find(({ fromMm, toMm }) => offsetMm >= fromMm && offsetMm <= toMm);
  const edges = (inside ? [inside] : spans).flatMap(({ fromMm, toMm, low, high }) => [
    { mm: Math.abs(offsetMm - fromMm), edge: low },
    { mm: Math.abs(toMm - offsetMm), edge: high },
  ]);
  const nearest = edges.filter(({ edge }) => edge !== null).sort((one, other) => one.mm - other.mm)[0];
  return { holds: inside !== undefined, byMm: nearest?.mm ?? null, edge: nearest?.edge ?? null };
}

/** Wheels of the shelf of the window's rim diameter, judged by pattern, centering and brake as by the window itself. */
export function stockPoints({
  job,
  setup,
  axle,
  rule,
  window,
  shelf,
}: SetupOnAxle & { rule: TireRule; window: FitWindow; shelf: readonly ShelfItem[] }): StockPoint[] {
  return shelf.flatMap((item): StockPoint[] => {
    if (item.kind !== 'wheel' || item.quantity === 0 || item.rimDiameterIn !== window.rimDiameterIn) return [];
    const wheel = wheelFromShelf(item);
    const offsetMm = wheelOffsetMm(wheel, job.vehicle.flangeMm ?? DEFAULT_FLANGE_MM);
    if (wheel.rimWidthIn == null || offsetMm === null) return [];
    const ruled = tireFor({ job, setup, axle, rule, rimWidthIn: wheel.rimWidthIn });
    const at = setupAt({ setup, axle, at: { rimWidthIn: wheel.rimWidthIn, offsetMm }, tire: ruled?.tire ?? {} });
    const made: Setup = { ...at, [axle]: { ...at[axle], wheel } };
    const checks = evaluateSetup(job, made, { sweeps: NO_SWEEPS })[axle].checks.filter(({ code }) => JUDGED.has(code));
    const { holds, edge } = limitsAt(rowAt(window, wheel.rimWidthIn), offsetMm);
    const known = window.missing.length === 0;
    return [
      {
        name: itemName(item),
        rimWidthIn: wheel.rimWidthIn,
        offsetMm,
        verdict: worstVerdict([holds ? (known ? 'ok' : 'unknown') : 'fail', ...checks.map(({ verdict }) => verdict)]),
        held: [...(holds ? [] : [edge?.label ?? 'outside the window']), ...heldBy(checks)],
        setup: made,
      },
    ];
  });
}

const heldBy = (checks: readonly Check[]): string[] =>
  checks.filter(({ verdict }) => verdict === 'fail' || verdict === 'caution').map(({ label }) => label);
