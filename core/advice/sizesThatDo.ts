import { pokeTargetOf, type AxleName, type Job, type Setup } from '#core/job';
import { capacityOf, serviceOf, usualLoadIndex, XL_STEP } from '#core/load';
import { rimRangeIn, standardSizes, tireSizeName, type TireSize } from '#core/tire';
import { limitInForce, type PokeTarget, worstVerdict, WORST_FIRST, type Verdict } from '#core/verdict';
import { evaluateSetup, NO_SWEEPS, type AxleReport, usedShare, checkOf } from '#core/evaluate';

/** A standard size that a rim takes, with what it does on the setup. */
export interface SizeThatDoes {
  name: string;
  figures: AxleReport;
  /** What fender, inner part, arch and diameter say. */
  verdict: Verdict;
  /** Share of the room that is used by what holds it. */
  used: number;
  /**
   * How far it is from what is asked: share of the diameter window, plus how far the face is from the middle of the
   * target.
   */
  apart: number;
  /** The index such a size usually has, as an estimate; null where its load range decides. */
  usualIndex: number | null;
  /** `carries` by its usual index, `reinforced` only as XL; `unknown` where index or need is not known. */
  load: 'carries' | 'reinforced' | 'unknown';
}

/** What the list was made from, and how many sizes each condition took out. */
export interface SizesThatDo {
  sizes: SizeThatDoes[];
  /** What is missing to make a list at all. */
  missing: string[];
  considered: number;
  out: { rim: number; diameter: number; load: number; room: number };
}

/**
 * Standard sizes for the rim of a setup that keep to the brief: within the approved rims, within the limit for the
 * diameter either way, carrying the axle, and without touching. Sorted by verdict, certainty of load, then by how near
 * it is to what is asked.
 */
export function sizesThatDo(job: Job, setup: Setup, axle: AxleName): SizesThatDo {
  const { rimDiameterIn, rimWidthIn } = setup[axle]?.wheel ?? {};
  const found: SizesThatDo = { sizes: [], missing: [], considered: 0, out: { rim: 0, diameter: 0, load: 0, room: 0 } };
  if (rimDiameterIn == null) found.missing.push('rim diameter');
  if (rimWidthIn == null) found.missing.push('rim width');
  if (rimDiameterIn == null || rimWidthIn == null) return found;
  const windowPct = limitInForce('diameterPct', job).value;
  const all = standardSizes(rimDiameterIn);
  found.considered = all.length;
  for (const size of all) {
    const { least, most } = rimRangeIn(size);
    if (rimWidthIn < least || rimWidthIn > most) {
      found.out.rim += 1;
      continue;
    }
    const figures = evaluateSetup(job, withSize(setup, axle, tireSizeName(size)), { sweeps: NO_SWEEPS })[axle];
    const { diameterChangePct: pct } = figures;
    const load = loadOf({ job, axle, size, needKg: figures.loadNeedKg });
    const checks = figures.checks.filter(({ code }) => checkOf(code).bySize);
    const verdict = worstVerdict(checks.map((check) => check.verdict));
    if (pct !== null && Math.abs(pct) > windowPct) found.out.diameter += 1;
    else if (load === 'too-little') found.out.load += 1;
    else if (verdict === 'fail') found.out.room += 1;
    else {
      const used = Math.max(...checks.map((check) => usedShare(check) ?? 0));
      const apart = Math.abs(pct ?? 0) / (windowPct || 1) + targetApart(pokeTargetOf(job.brief, axle), figures.pokeMm);
      found.sizes.push({
        name: tireSizeName(size),
        figures,
        verdict,
        used,
        apart,
        usualIndex: usualLoadIndex(size),
        load,
      });
    }
  }
  found.sizes.sort((one, other) => rank(one) - rank(other) || one.apart - other.apart);
  return found;
}

/**
 * How far a face stands from the middle of its target, in halves of the target; 0 where the target is open or the
 * face not known.
 */
function targetApart({ min, max }: PokeTarget, pokeMm: number | null): number {
  if (min === null || max === null || pokeMm === null) return 0;
  return Math.abs(pokeMm - (min + max) / 2) / Math.max(1, (max - min) / 2);
}

/** A setup with another tire on an axle, of which only the size is known. */
export const withSize = (setup: Setup, axle: AxleName, size: string): Setup => ({
  ...setup,
  [axle]: { ...setup[axle], tire: { size } },
});

const LOAD_ORDER: readonly SizeThatDoes['load'][] = ['carries', 'unknown', 'reinforced'];
const BEST_FIRST = [...WORST_FIRST].reverse();
const rank = ({ verdict, load }: SizeThatDoes): number => 10 * BEST_FIRST.indexOf(verdict) + LOAD_ORDER.indexOf(load);

/** Whether a size carries what each wheel must, by the index such a size usually has. */
export function loadOf({
  job,
  axle,
  size,
  needKg,
}: {
  job: Job;
  axle: AxleName;
  size: TireSize;
  needKg: number | null;
}): SizeThatDoes['load'] | 'too-little' {
  const usual = usualLoadIndex(size);
  if (usual === null || needKg === null) return 'unknown';
  const { vehicle } = job;
  // Passenger sizes have no dual figure.
  if (vehicle[axle]?.dual) return 'unknown';
  const on = { truck: vehicle.class === 'truck', dual: false, topSpeedKmh: null };
  const carries = (loadIndex: number): boolean => {
    const capacity = capacityOf(serviceOf(size, { loadIndex }), on);
    return capacity !== null && capacity.kg >= needKg;
  };
  return carries(usual) ? 'carries' : carries(usual + XL_STEP) ? 'reinforced' : 'too-little';
}
