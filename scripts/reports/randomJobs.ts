import { readFileSync } from 'node:fs';
import type { Job } from '#core/job';
import { seededChance, shuffled, type Chance } from '#core/uncertainty';
import { readJobFile } from '#formats/job';

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };
type Branch = { [key: string]: Json };

/** The jobs that the random ones are made from. */
export const KNOWN_JOBS = [
  'docs/example-job.json',
  'demo/brindle-kite.scoval.json',
  'demo/orrin-haul.scoval.json',
  'demo/pallas-tender.scoval.json',
  'demo/velder-two.scoval.json',
] as const;

/** What is not in every known job, and is tried besides. */
const BESIDES: Branch[] = [
  { brief: { rules: { centring: 'nuts', poses: 'road' } } },
  { brief: { rules: { spacers: 'prefer-offset', nearPatterns: 'refuse', winter: 'S' } } },
  { brief: { rules: { rub: 'plastic', cover: 'eu-1009-2010', winter: 'U' } } },
  { brief: { pokeMm: { min: -12, max: 4 } } },
  { brief: { requiredBackspacingMm: 140 } },
  { brief: { sweep: { growth: true, bulgeMm: 4 } } },
  { brief: { remedies: { heat: true, fold: true, trimPlastic: true, lift: { kind: 'spring', mostMm: 40 } } } },
  { house: { limits: { contactPct: 20, inboardMm: 8 } } },
  { vehicle: { stabilityControl: false, drive: 'awd' } },
  { vehicle: { front: { suspension: { kind: 'double-wishbone' } } } },
  { vehicle: { front: { left: { room: { outboardGapMm: 9, archGapMm: 55 } } } } },
];

const isBranch = (value: Json | undefined): value is Branch =>
  value != null && typeof value === 'object' && !Array.isArray(value);

/** Every value that stands at a place of that name in a known job: what may stand there in another. */
function gather(value: Json, into: Map<string, Json[]>, name = ''): void {
  into.set(name, [...(into.get(name) ?? []), value]);
  if (Array.isArray(value)) value.forEach((one) => gather(one, into, name));
  else if (isBranch(value)) for (const [key, one] of Object.entries(value)) gather(one, into, key);
}

const pick = <T>(values: readonly T[], chance: Chance): T => values[Math.floor(chance() * values.length)]!;

/** A number moved by up to a fifth, or as it stands elsewhere; as fine as it was written. */
function movedNumber(value: number, others: readonly Json[], chance: Chance): number {
  const other = pick(others, chance);
  if (chance() < 0.3 && typeof other === 'number') return other;
  const moved = value * (0.8 + 0.4 * chance()) + (value === 0 ? 10 * chance() - 5 : 0);
  return Number.isInteger(value) && chance() < 0.8 ? Math.round(moved) : Math.round(moved * 10) / 10;
}

function moved({
  value,
  name,
  known,
  chance,
}: {
  value: Json;
  name: string;
  known: Map<string, Json[]>;
  chance: Chance;
}): Json {
  if (Array.isArray(value)) return value.map((one) => moved({ value: one, name, known, chance }));
  if (isBranch(value)) {
    const kept = Object.entries(value).filter(([key]) => key === 'id' || key === 'format' || chance() > 0.03);
    return Object.fromEntries(kept.map(([key, one]) => [key, moved({ value: one, name: key, known, chance })]));
  }
  if (name === 'id' || name === 'format' || name === 'version' || chance() > 0.2) return value;
  if (typeof value === 'number') return movedNumber(value, known.get(name)!, chance);
  return pick(
    known.get(name)!.filter((one) => typeof one === typeof value),
    chance,
  );
}

/** One laid over the other, branch by branch. */
function laidOver(under: Branch, over: Branch): Branch {
  const laid = { ...under };
  for (const [key, value] of Object.entries(over)) {
    const below = laid[key];
    laid[key] = isBranch(value) ? laidOver(isBranch(below) ? below : {}, value) : value;
  }
  return laid;
}

/**
 * Jobs that no person would write, for comparing reports: known ones with values moved, swapped with others of the same
 * name, or left out. The same seed gives the same jobs; each passes the job file's schema.
 */
export function randomJobs(count: number, seed: number): Job[] {
  const chance = seededChance(seed);
  const bases = KNOWN_JOBS.map((file) => JSON.parse(readFileSync(file, 'utf8')) as Branch);
  const known = new Map<string, Json[]>();
  for (const one of [...bases, ...BESIDES]) gather(one, known);
  const jobs: Job[] = [];
  while (jobs.length < count) {
    const base = pick(bases, chance);
    const setups = shuffled(base.setups as Json[], chance).slice(0, 1);
    const besides = shuffled(BESIDES, chance).slice(0, Math.floor(chance() * 3));
    const drawn = moved({ value: besides.reduce(laidOver, { ...base, setups }), name: '', known, chance });
    const { job } = readJobFile(JSON.stringify(drawn));
    if (job) jobs.push(job);
  }
  return jobs;
}
