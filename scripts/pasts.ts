// Writes the past of the demo's cars into their files: what was fitted, read, torqued, found and noted. All invented.
import { readFileSync, writeFileSync } from 'node:fs';
import { correctedByMark, evaluateSetup, figurePlusMinus, partsAtMark } from '#core/evaluate';
import { pullOrder, type Corner, type FittedCorner, type Fitting, type Mark, type MeasuredFigure } from '#core/fitting';
import { photosShown, type Job } from '#core/job';
import type { Obstacle } from '#core/sweep';
import { beginFitting, stepsOfFitting, tighteningsOf, type FittingStep } from '#core/sheet';
import { INSTRUMENT_UNCERTAINTY_MM } from '#core/uncertainty';
import { writeJobFile } from '#formats/job';
import { roundTo } from '#core/units';
import { DECISIONS, NOTES } from './demoNotes';
import { makeDemoPhotos } from './demoPhotos';

/** What happened at one fitting of the demo. */
interface Past {
  kind: Fitting['kind'];
  startedAt: string;
  hours: number;
  odometerKm: number;
  corners: Partial<Record<Corner, string>>;
  by: string;
  /** How far what was read was off, mm, in turn. */
  errorsMm: readonly number[];
  looks?: Partial<Record<Corner, FittedCorner['look']>>;
  marks?: Partial<Record<Corner, Mark[]>>;
  /** How many of its steps were done: all where it is left out. */
  stepsDone?: number;
  /** One pull that was too light, and pulled again. */
  lightPull?: boolean;
  end?: Pick<Fitting, 'outcome' | 'why' | 'note' | 'retorque'>;
}

const MINUTE_MS = 60_000;
const ROAD_ONLY_FIGURES = ['trueSpeedAt100', 'spareProudMm'];

/** A fitting as it went: its steps one after the other, what was read at them, and every pull. */
function wentOn(job: Job, id: string, past: Past): Fitting {
  const begun = beginFitting(job, { ...past, id });
  const steps = stepsOfFitting(job, begun);
  const done = steps.slice(0, past.stepsDone ?? steps.length);
  const start = new Date(past.startedAt).getTime();
  const minutes = (past.hours * 60 - 10) / Math.max(1, done.length);
  const at = (n: number, seconds = 0): string =>
    new Date(start + (n + 1) * minutes * MINUTE_MS + seconds * 1000).toISOString();
  const corners = structuredClone(begun.corners);
  let error = 0;
  done.forEach((step, n) => {
    const corner = corners[step.keptAt]!;
    corner.steps = { ...corner.steps, [step.id]: { doneAt: at(n), by: past.by } };
    const read = readingOf(step, past.errorsMm[error % past.errorsMm.length]!, at(n));
    if (!read) return;
    error += 1;
    corner.measured = [...(corner.measured ?? []), read];
  });
  for (const tightening of tighteningsOf(steps)) {
    const n = done.findIndex(({ id: step, corner }) => step === tightening.step && corner === tightening.corner);
    if (n < 0) continue;
    const corner = corners[tightening.corner]!;
    const { joint, lugCount, stagesNm } = tightening;
    const pulls = stagesNm.flatMap((nm, stage) =>
      pullOrder(lugCount).map((fastener, turn) => ({
        joint,
        stage: stage + 1,
        fastener,
        nm: roundTo(nm * SPREAD[(turn + stage) % SPREAD.length]!, 1),
      })),
    );
    const light = past.lightPull ? [{ ...pulls[1]!, nm: roundTo(pulls[1]!.nm * 0.8, 1) }] : [];
    const all = [pulls[0]!, ...light, ...pulls.slice(1)];
    corner.torque = [
      ...(corner.torque ?? []),
      ...all.map((pull, turn) => ({ ...pull, takenAt: at(n, turn * 6 - all.length * 6), tool: 'wrench' as const })),
    ];
  }
  for (const [corner, look] of Object.entries(past.looks ?? {})) corners[corner as Corner]!.look = look;
  for (const [corner, marks] of Object.entries(past.marks ?? {})) corners[corner as Corner]!.marks = marks;
  return {
    ...begun,
    corners,
    ...(past.end ? { finishedAt: new Date(start + past.hours * 60 * MINUTE_MS).toISOString(), ...past.end } : {}),
  };
}

/** A wrench clicks a little over what it is set to, now and then a little under. */
const SPREAD = [1.005, 1.012, 0.995, 1.018, 1.0, 1.008];

/** What was read at a step: what had been predicted, and how far that was off. */
function readingOf({ expects }: FittingStep, errorMm: number, takenAt: string): MeasuredFigure | null {
  if (!expects || expects.predictedMm === null || ROAD_ONLY_FIGURES.includes(expects.figure)) return null;
  const { figure, steerDeg, travelMm, predictedMm } = expects;
  const isFine = figure === 'brakeSpokeMm';
  const valueMm = isFine
    ? roundTo(predictedMm + errorMm / 5, 2)
    : roundTo(Math.round((predictedMm + errorMm) * 2) / 2, 1);
  // What is predicted to touch is not read with a rule.
  if (figure.startsWith('obstacle:') && valueMm < 0) return null;
  const instrument = isFine ? 'feeler' : 'steel-rule';
  return {
    figure,
    ...(steerDeg === undefined ? {} : { steerDeg, travelMm: travelMm! }),
    valueMm,
    instrument,
    uncertaintyMm: INSTRUMENT_UNCERTAINTY_MM[instrument],
    takenAt,
  };
}

const all = (setup: string): Past['corners'] => ({
  frontLeft: setup,
  frontRight: setup,
  rearLeft: setup,
  rearRight: setup,
});

/** The mark of the demo: where a wider tire touched the bumper that had been predicted to clear it. */
const BUMPER_MARK: Mark = {
  id: 'm1',
  surface: 'outer-shoulder',
  clockDeg: 96,
  steerDeg: 34,
  travelMm: 0,
  lengthMm: 60,
  takenAt: '2026-02-12T14:40:00.000Z',
  on: 'bumper-corner',
  note: 'Shiny stripe across the shoulder blocks after the figure of eight.',
};
/** How the bumper corner had been read before it. */
const BUMPER_GAP = {
  surface: 'outer-shoulder',
  clockDeg: 95,
  gapMm: 41,
  steerDeg: 36,
  uncertaintyMm: 1.5,
  instrument: 'tape',
} as const;

const PASTS: Record<string, readonly Past[]> = {
  'brindle-kite': [
    {
      kind: 'mock-up',
      startedAt: '2026-02-11T08:30:00.000Z',
      hours: 2,
      odometerKm: 61180,
      corners: { frontRight: 'd', frontLeft: 'c' },
      by: 'MR',
      errorsMm: [0.6, -0.4, 0.8, 0.2],
      looks: { frontRight: { verdict: 'too much', byMm: -9 }, frontLeft: { verdict: 'right' } },
      end: { outcome: 'changed', why: 'D stands past the lip; further in, as B with spacers' },
    },
    {
      kind: 'final',
      startedAt: '2026-02-18T07:45:00.000Z',
      hours: 5,
      odometerKm: 61240,
      corners: all('b'),
      by: 'MR',
      errorsMm: [0.4, -0.6, 0.9, -0.2, 0.5],
      lightPull: true,
      end: {
        outcome: 'kept',
        retorque: [{ joint: 'wheel', odometerKm: 61318, doneAt: '2026-02-24T16:10:00.000Z', moved: [] }],
      },
    },
  ],
  'velder-two': [
    {
      kind: 'final',
      startedAt: '2026-03-05T09:00:00.000Z',
      hours: 4,
      odometerKm: 23870,
      corners: all('b'),
      by: 'JT',
      errorsMm: [-0.8, 0.3, -0.5, 0.6],
      end: { outcome: 'kept', note: 'Wheel arches waxed afterwards.' },
    },
  ],
  'orrin-haul': [
    {
      kind: 'mock-up',
      startedAt: '2026-02-12T13:00:00.000Z',
      hours: 2,
      odometerKm: 118390,
      corners: { frontRight: 'd' },
      by: 'JT',
      errorsMm: [1.1, -0.6, 0.7],
      marks: { frontRight: [BUMPER_MARK] },
      end: { outcome: 'taken off', why: 'The flotation size touches the bumper corner near full lock' },
    },
    {
      kind: 'final',
      startedAt: '2026-02-19T08:00:00.000Z',
      hours: 6,
      odometerKm: 118420,
      corners: all('b'),
      by: 'JT',
      errorsMm: [1.2, 0.4, -0.7, 0.9],
      end: {
        outcome: 'kept',
        retorque: [{ joint: 'wheel', odometerKm: 118502, doneAt: '2026-02-26T09:20:00.000Z', moved: [] }],
      },
    },
  ],
  'pallas-tender': [
    {
      kind: 'final',
      startedAt: '2026-03-16T07:30:00.000Z',
      hours: 6,
      odometerKm: 204310,
      corners: all('b'),
      by: 'MR',
      errorsMm: [0.5, -0.3],
      stepsDone: 22,
    },
  ],
};

/** The car as it was read before any of this. */
const withBumper = (job: Job, gap: NonNullable<Obstacle['gap']>): Job => {
  const front = job.vehicle.front!;
  const obstacles = front.obstacles!.map((part) => (part.id === 'bumper-corner' ? { ...part, gap } : part));
  return { ...job, vehicle: { ...job.vehicle, front: { ...front, obstacles } } };
};

/** Who shows the mark of the demo. */
const MARKED = 'orrin-haul';

const made = await makeDemoPhotos();
const idOf = (name: string): string => made.get(name)!.id;

/** A job with what was decided and noted, and the photos that they and its mark show. */
function withNotes(job: Job, name: string): Job {
  const notes = (NOTES[name] ?? []).map(({ shows = [], ...note }) => ({
    ...note,
    ...(shows.length > 0 ? { photos: shows.map(idOf) } : {}),
  }));
  const decision = DECISIONS[name];
  const noted: Job = {
    ...job,
    ...(decision ? { decision } : {}),
    ...(notes.length > 0 ? { notes } : {}),
  };
  const photos = photosShown(noted).map((id) => [...made.values()].find((one) => one.id === id)!);
  return { ...noted, ...(photos.length > 0 ? { photos } : {}) };
}

for (const [name, pasts] of Object.entries(PASTS)) {
  const file = `demo/${name}.scoval.json`;
  const {
    fittings: _,
    notes: __,
    photos: ___,
    decision: ____,
    ...read
  } = JSON.parse(readFileSync(file, 'utf8')) as Job;
  let job: Job = name === MARKED ? withBumper(read, BUMPER_GAP) : read;
  const fittings: Fitting[] = [];
  for (const past of pasts) {
    fittings.push(wentOn(job, `f${fittings.length + 1}`, past));
    if (past.marks?.frontRight?.[0] !== BUMPER_MARK) continue;
    const at = { job, setup: job.setups.find(({ id }) => id === 'd')!, corner: 'frontRight' as const };
    const part = job.vehicle.front!.obstacles!.find(({ id }) => id === 'bumper-corner')!;
    const { clearanceMm } = partsAtMark(at, BUMPER_MARK).find(({ id }) => id === part.id)!;
    const report = evaluateSetup(job, at.setup);
    fittings.at(-1)!.corners.frontRight!.predicted!.push({
      figure: `obstacle:${part.id}`,
      steerDeg: BUMPER_MARK.steerDeg!,
      travelMm: BUMPER_MARK.travelMm!,
      valueMm: roundTo(clearanceMm, 2),
      plusMinusMm: figurePlusMinus(report.front, `obstacle:${part.id}`),
    });
    job = withBumper(job, correctedByMark(at, BUMPER_MARK, part).gap!);
  }
  if (name === MARKED) fittings[0]!.corners.frontRight!.marks![0]!.photo = idOf('shoulder-mark.jpg');
  writeFileSync(file, writeJobFile(withNotes({ ...job, fittings }, name)));
  console.log(`${file}: ${fittings.length}`);
}
