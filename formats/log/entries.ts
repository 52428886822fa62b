import {
  cornersOf,
  figureText,
  JOINT_NAMES,
  keptPrediction,
  placeOfCorner,
  predictionText,
  type Corner,
  type FittedCorner,
  type Fitting,
  type MeasuredFigure,
  type TorqueRow,
} from '#core/fitting';
import { AXLES, type AxleName, type Edit, type Job } from '#core/job';
import type { Note } from '#core/note';
import { isCarStep, stepName } from '#core/sheet';
import { capital } from '#core/text';
import type { Words } from '#core/units';
import { editName, figureName, helpOf, takenWords, SURFACE_NAMES } from '#formats/fields';
import { decisionEntries } from './decisions';
import type { LogEntry, LoggedChange, LoggedReading } from './records';

interface Logged {
  job: Job;
  readings: readonly LoggedReading[];
  changes: readonly LoggedChange[];
}

/** All that ever happened to a job, the latest first; of what happened at one time, in the order of the work. */
export function logOf({ job, readings, changes }: Logged, words: Words): LogEntry[] {
  const entries = [
    ...changes.flatMap(changeEntries),
    ...decisionEntries(job, changes),
    ...readingEntries(readings, words),
    ...(job.fittings ?? []).flatMap((fitting) => fittingEntries(fitting, job, words)),
    ...(job.notes ?? []).map(noteEntry),
  ];
  return entries
    .map((entry, order) => ({ entry, order, atMs: Date.parse(entry.at) }))
    .sort(latestFirst)
    .map(({ entry }) => entry);
}

interface Placed {
  order: number;
  atMs: number;
}
const latestFirst = (one: Placed, other: Placed): number => other.atMs - one.atMs || one.order - other.order;

const isAxle = (corner: string): corner is AxleName => AXLES.includes(corner as AxleName);

/** Every reading with what it replaced. */
function readingEntries(readings: readonly LoggedReading[], words: Words): LogEntry[] {
  const before = new Map<string, LoggedReading>();
  return readings.flatMap((reading): LogEntry[] => {
    const { corner, key, value, takenAt, withdrawn } = reading;
    if (!isAxle(corner)) return [];
    const name = `${corner} ${key}`;
    const was = before.get(name);
    if (!withdrawn) before.set(name, reading);
    const shown = (one: LoggedReading): string => (one.value === null ? 'emptied' : shownValue(key, one.value, words));
    const taken = value === null ? null : takenWords(reading);
    const tool = taken ? `, ${taken}` : '';
    const replaced = was && !withdrawn ? `; it was ${shown(was)}` : '';
    return [
      {
        at: takenAt,
        kind: 'reading',
        corner: null,
        axle: corner,
        text:
          `${helpOf(key)?.title ?? key}, ${corner}: ${shown(reading)}${tool}${replaced}` +
          (withdrawn ? ' (taken back)' : ''),
        by: null,
        place: { station: key.startsWith('hub.') ? 'hub' : 'room', axle: corner },
      },
    ];
  });
}

const shownValue = (key: string, value: number, words: Words): string =>
  key.endsWith('Mm') ? words.length(value) : words.number(value, 2);

/** What a change says that is neither a reading nor a fitting: those tell of themselves. */
function changeEntries({ at, kind, label, edits }: LoggedChange): LogEntry[] {
  const told = edits.filter(
    (edit) => rootOf(edit) === 'setups' || rootOf(edit) === 'brief' || rootOf(edit) === 'title',
  );
  const [first] = told;
  if (!first) return [];
  const ofSetup = rootOf(first) === 'setups';
  const names = [...new Set(told.map(editName))];
  const text = kind === 'edit' ? names.slice(0, 3).join(', ') + (names.length > 3 ? ' …' : '') : label;
  return [
    {
      at,
      kind: ofSetup ? 'setup' : 'brief',
      corner: null,
      axle: null,
      text: capital(text),
      by: null,
      place: ofSetup ? { station: 'setups', ...setupOf(first) } : { station: 'brief' },
    },
  ];
}

const rootOf = (edit: Edit): string =>
  edit.op === 'add-setup' || edit.op === 'remove-setup' ? 'setups' : (edit.path[0] ?? '');

function setupOf(edit: Edit): { setup?: string } {
  if (edit.op === 'remove-setup') return {};
  const setup = edit.op === 'add-setup' ? edit.setup.id : edit.path[1];
  return setup === undefined ? {} : { setup };
}

function fittingEntries(fitting: Fitting, job: Job, words: Words): LogEntry[] {
  const { id, kind, startedAt, finishedAt, outcome, why, note, odometerKm, retorque = [] } = fitting;
  const of = (at: string, text: string): LogEntry => ({
    at,
    kind: 'fitting',
    corner: null,
    axle: null,
    text,
    by: null,
    place: { station: 'fit-up', fitting: id },
  });
  const setups = [...new Set(Object.values(fitting.corners).map(({ setup }) => setup.toUpperCase()))].join(', ');
  const name = kind === 'final' ? 'Final fitting' : capital(kind);
  const distance = odometerKm == null ? '' : ` at ${words.measure('distance', odometerKm)}`;
  return [
    of(startedAt, `${name} of ${setups} begun${distance}${note ? `: ${note}` : ''}`),
    ...cornersOf(fitting).flatMap((corner) => cornerEntries({ fitting, corner, job, words })),
    ...(finishedAt ? [of(finishedAt, `${name} closed: ${outcome ?? 'no outcome'}${why ? ` (${why})` : ''}`)] : []),
    ...retorque.map(({ joint, odometerKm: km, doneAt, moved = [] }) =>
      of(
        doneAt,
        `Torque checked, ${JOINT_NAMES[joint]}` +
          `${km == null ? '' : ` at ${words.measure('distance', km)}`}: ` +
          (moved.length === 0 ? 'nothing moved' : `moved ${moved.join(', ')}`),
      ),
    ),
  ];
}

/** A note says itself, or how many photos it is. */
function noteEntry({ id, at, by, text, photos = [], about }: Note): LogEntry {
  const { station = 'log', corner, setup, fitting } = about ?? {};
  const { axle = about?.axle, side } = corner ? placeOfCorner(corner) : {};
  const pictures = photos.length === 1 ? '1 photo' : `${photos.length} photos`;
  return {
    at,
    kind: 'note',
    corner: corner ?? null,
    axle: axle ?? null,
    text: text ? `${text}${photos.length > 0 ? ` (${pictures})` : ''}` : capital(pictures),
    by: by ?? null,
    place: {
      station,
      ...(axle ? { axle } : {}),
      ...(side ? { side } : {}),
      ...(setup ? { setup } : {}),
      ...(fitting ? { fitting } : {}),
    },
    note: id,
    ...(photos.length > 0 ? { photos } : {}),
  };
}

interface CornerAsk {
  fitting: Fitting;
  corner: Corner;
  job: Job;
  words: Words;
}

function cornerEntries({ fitting, corner, job, words }: CornerAsk): LogEntry[] {
  const fitted = fitting.corners[corner]!;
  const { axle, side } = placeOfCorner(corner);
  const place = { station: 'fit-up', fitting: fitting.id, axle, side };
  const of = (entry: Pick<LogEntry, 'at' | 'kind' | 'text'> & Partial<LogEntry>): LogEntry => ({
    corner,
    axle,
    by: null,
    place,
    ...entry,
  });
  const { steps = {}, measured = [], torque = [], marks = [] } = fitted;
  return [
    ...Object.entries(steps).flatMap(([id, { doneAt, by, notNeeded, note }]) => {
      if (!doneAt) return [];
      const said = [notNeeded ? `not needed: ${notNeeded}` : null, note ?? null].filter(Boolean).join('; ');
      const where = isCarStep(id) ? { corner: null, axle: null } : {};
      const text = `${stepName(id, (part) => figureName(`obstacle:${part}`, job))}${said ? ` (${said})` : ''}`;
      return [of({ at: doneAt, kind: 'step', text, by: by ?? null, ...where })];
    }),
    ...measured.map((one) =>
      of({ at: one.takenAt ?? fitting.startedAt, kind: 'measured', text: measuredText(one, fitted, { job, words }) }),
    ),
    ...stagesOf(torque).map((rows) => of({ at: rows.at(-1)!.takenAt, kind: 'torque', text: stageText(rows, words) })),
    ...marks.map(({ id, surface, clockDeg, on, note, takenAt, photo }) =>
      of({
        at: takenAt ?? fitting.finishedAt ?? fitting.startedAt,
        kind: 'mark',
        text:
          `Mark on ${SURFACE_NAMES[surface]} at ${words.number(clockDeg, 0)}°` +
          `${on ? `, by ${figureName(`obstacle:${on}`, job)}` : ''}${note ? `: ${note}` : ''}`,
        place: { ...place, view: 'marks', mark: id },
        ...(photo ? { photos: [photo] } : {}),
      }),
    ),
  ];
}

function measuredText(
  one: MeasuredFigure,
  fitted: FittedCorner,
  { job, words }: Pick<CornerAsk, 'job' | 'words'>,
): string {
  const kept = keptPrediction(fitted, one);
  const predicted = kept && predictionText({ figure: one.figure, ...kept }, words);
  const read = `${capital(figureName(one.figure, job))}: ${figureText(one.figure, one.valueMm, words)}`;
  return predicted ? `${read}; predicted ${predicted}` : read;
}

/** The pulls of each stage of each joint, in their order. */
function stagesOf(rows: readonly TorqueRow[]): TorqueRow[][] {
  const stages = new Map<string, TorqueRow[]>();
  for (const row of rows) {
    const name = `${row.joint} ${row.stage}`;
    stages.set(name, [...(stages.get(name) ?? []), row]);
  }
  return [...stages.values()];
}

function stageText(rows: readonly TorqueRow[], words: Words): string {
  const { joint, stage, tool } = rows[0]!;
  const nm = rows.map((row) => row.nm);
  const [least, most] = [Math.min(...nm), Math.max(...nm)].map((one) => words.measure('torque', one)) as [
    string,
    string,
  ];
  return (
    `Torque, ${JOINT_NAMES[joint]}, stage ${stage}: ${rows.length} pulls, ` +
    `${least === most ? least : `${least} to ${most}`}${tool === 'hand' ? ', by hand' : ''}`
  );
}
