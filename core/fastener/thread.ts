import { DomainError } from '#core/errors';

/** A thread that wheels are fastened with. Lengths mm, area mm². */
export interface Thread {
  name: string;
  diameterMm: number;
  pitchMm: number;
  /** Tensile stress area. */
  stressAreaMm2: number;
}

/**
 * Threads wheels are fastened with: ISO 261 coarse and fine, metric; unified fine by diameter and threads an inch (ASME
 * B1.1).
 */
const METRIC: readonly (readonly [diameterMm: number, pitchMm: number])[] = [
  [8, 1.25],
  [10, 1],
  [10, 1.25],
  [10, 1.5],
  [12, 1.25],
  [12, 1.5],
  [12, 1.75],
  [14, 1.25],
  [14, 1.5],
  [14, 2],
  [16, 1.5],
  [16, 2],
  [18, 1.5],
  [18, 2],
  [18, 2.5],
  [20, 1.5],
  [20, 2],
  [20, 2.5],
  [22, 1.5],
  [22, 2],
  [22, 2.5],
  [24, 1.5],
  [24, 2],
  [24, 3],
];
const UNIFIED: readonly (readonly [name: string, inches: number, perInch: number])[] = [
  ['7/16-20', 7 / 16, 20],
  ['1/2-20', 1 / 2, 20],
  ['9/16-18', 9 / 16, 18],
  ['5/8-18', 5 / 8, 18],
  ['3/4-16', 3 / 4, 16],
];

/**
 * Tensile stress area of a metric thread, mm²: Aₛ = π/4 · ((d₂ + d₃)/2)² = π/4 · (d − 0.9382·P)², ISO 898-1.
 * A unified thread has the same profile; ASME B1.1 writes 0.7854 · (D − 0.9743/n)², which is used for it.
 */
export const metricStressAreaMm2 = (diameterMm: number, pitchMm: number): number =>
  (Math.PI / 4) * (diameterMm - 0.9382 * pitchMm) ** 2;

/** All threads known here, smallest first; metric before unified. */
export const THREADS: readonly Thread[] = [
  ...METRIC.map(([diameterMm, pitchMm]) => ({
    name: `M${diameterMm}x${pitchMm}`,
    diameterMm,
    pitchMm,
    stressAreaMm2: metricStressAreaMm2(diameterMm, pitchMm),
  })),
  ...UNIFIED.map(([name, inches, perInch]) => ({
    name,
    diameterMm: inches * 25.4,
    pitchMm: 25.4 / perInch,
    stressAreaMm2: 0.7854 * (inches - 0.9743 / perInch) ** 2 * 25.4 ** 2,
  })),
];

const BY_NAME = new Map(THREADS.map((thread) => [thread.name, thread]));
const READ = new Map<string, Thread>();

const METRIC_TEXT = /^M(\d+(?:\.\d+)?)(?:[X*-](\d+(?:\.\d+)?))?(?:RH|LH)?$/;
const UNIFIED_TEXT = /^(\d+\/\d+)(?:["”]|IN)?[-X](\d+)(?:UNF|UN)?$/;

/**
 * Reads a thread as people write it: `M12x1.5`, `m12 × 1,5`, `M14-1.5`, `1/2-20 UNF`, `1/2" x 20`.
 * @throws DomainError that says what is missing or wrong, with the pitches that exist for that diameter
 */
export function readThread(text: string): Thread {
  const known = READ.get(text);
  if (known) return known;
  const plain = text.toUpperCase().replace(/[×✕]/g, 'X').replace(/,/g, '.').replace(/\s+/g, '');
  const thread = readMetric(plain) ?? readUnified(plain);
  if (!thread) throw new DomainError(`“${text.trim().slice(0, 24)}” is not a thread: write it like M12x1.5 or 1/2-20`);
  if (READ.size < 500) READ.set(text, thread);
  return thread;
}

function readMetric(plain: string): Thread | null {
  const [, diameter, pitch] = METRIC_TEXT.exec(plain) ?? [];
  if (diameter === undefined) return null;
  const pitches = METRIC.filter(([mm]) => mm === Number(diameter)).map(([, mm]) => mm);
  if (pitches.length === 0) throw new DomainError(`no wheel is fastened with M${Number(diameter)} (M8 to M24 are)`);
  if (pitch === undefined)
    throw new DomainError(`after M${Number(diameter)} the pitch is missing: ${pitches.join(', ')} mm`);
  const thread = BY_NAME.get(`M${Number(diameter)}x${Number(pitch)}`);
  if (!thread)
    throw new DomainError(
      `nobody makes M${Number(diameter)}x${Number(pitch)}: M${Number(diameter)} has a pitch of` +
        ` ${pitches.join(', ')} mm`,
    );
  return thread;
}

function readUnified(plain: string): Thread | null {
  const [, inches, perInch] = UNIFIED_TEXT.exec(plain) ?? [];
  if (inches === undefined) return null;
  const thread = BY_NAME.get(`${inches}-${perInch}`);
  if (thread) return thread;
  const names = UNIFIED.map(([name]) => name).join(', ');
  throw new DomainError(`nobody fastens wheels with ${inches}-${perInch}: ${names} are known`);
}

/** A thread where its text can be read, else null; for places whose text was checked at the door. */
export function threadOrNull(text: string | undefined): Thread | null {
  if (!text) return null;
  try {
    return readThread(text);
  } catch (error) {
    if (error instanceof DomainError) return null;
    throw error;
  }
}
