import fc from 'fast-check';
import Papa from 'papaparse';
import type { Edit } from '#core/job';
import { wordsIn } from '#core/units';
import { demoJobFitted, example } from '#support/jobs';
import { logCsv, logOf, type LogEntry, type LoggedReading } from '.';

const words = wordsIn('mm');
const kite = demoJobFitted('brindle-kite');
const haul = demoJobFitted('orrin-haul');
const texts = (entries: readonly LogEntry[]) => entries.map(({ text }) => text);
const reading = (value: number | null, takenAt: string, more: Partial<LoggedReading> = {}): LoggedReading => ({
  corner: 'front',
  key: 'room.outboardGapMm',
  value,
  uncertaintyMm: 0.5,
  instrument: 'steel-rule',
  takenAt,
  ...more,
});

test('a reading says what it replaced; one that was taken back replaces nothing', () => {
  const readings = [
    reading(15.5, '2026-02-03T08:40:00Z', { instrument: 'tape' }),
    reading(20, '2026-02-03T08:45:00Z', { withdrawn: true }),
    reading(14, '2026-02-03T08:52:00Z'),
    reading(null, '2026-02-03T09:00:00Z'),
  ];
  expect(texts(logOf({ job: example(), readings, changes: [] }, words))).toEqual([
    'Tuck, front: emptied; it was 14.0 mm',
    'Tuck, front: 14.0 mm, steel rule; it was 15.5 mm',
    'Tuck, front: 20.0 mm, steel rule (taken back)',
    'Tuck, front: 15.5 mm, tape',
  ]);
});

test('a fitting from its beginning to its checks, each step and stage at its corner', () => {
  const log = logOf({ job: haul, readings: [], changes: [] }, words);
  expect(texts(log)).toContain(
    'Mock-up closed: taken off (The flotation size touches the bumper corner near full lock)',
  );
  expect(texts(log)).toContain('Torque checked, wheel at 118502 km: nothing moved');
  const mark = log.find(({ kind }) => kind === 'mark')!;
  expect(mark.text).toMatch(/^Mark on the outer shoulder at 96°, by Bumper corner: Shiny stripe/);
  expect(mark.place).toEqual({
    station: 'fit-up',
    fitting: 'f1',
    axle: 'front',
    side: 'right',
    view: 'marks',
    mark: 'm1',
  });
  const torque = log.filter(({ kind, corner }) => kind === 'torque' && corner === 'rearLeft');
  expect(torque).toHaveLength(4);
  expect(torque.every(({ text }) => /^Torque, wheel, stage [1-4]: 6 pulls, /.test(text))).toBe(true);
  expect(log.filter(({ kind }) => kind === 'measured')[0]!.text).toMatch(/; predicted .* ±/);
  const steps = texts(log.filter(({ kind }) => kind === 'step'));
  expect(steps).toContain('Looked at: Bumper corner');
  // The whole car's own step is told of no corner.
  expect(log.filter(({ text }) => text === 'Wheels balanced').map(({ corner }) => corner)).toEqual([null]);
  expect(log.every(({ by, kind }) => kind !== 'step' || by === 'JT')).toBe(true);
});

test('a change tells of setups and brief; readings and fittings tell of themselves', () => {
  const change = (edits: Edit[], kind: 'edit' | 'undo' = 'edit') => ({
    at: '2026-02-03T10:00:00Z',
    kind,
    label: 'l',
    edits,
  });
  const changes = [
    change([{ op: 'set', path: ['setups', 'b', 'front', 'wheel', 'offsetMm'], value: 40 }]),
    change([{ op: 'set', path: ['vehicle', 'front', 'room', 'outboardGapMm'], value: 14 }]),
    change([{ op: 'set', path: ['brief', 'budget'], value: 100 }], 'undo'),
    change([{ op: 'add', path: ['fittings'], value: { id: 'f1' } }]),
    change([{ op: 'remove-setup', id: 'c' }]),
  ];
  const log = logOf({ job: example(), readings: [], changes }, words);
  expect(log.map(({ kind, text, place }) => [kind, text, place])).toEqual([
    ['setup', 'Setup b · front · offset', { station: 'setups', setup: 'b' }],
    ['brief', 'L', { station: 'brief' }],
    ['setup', 'Setup c removed', { station: 'setups' }],
  ]);
});

test('a note says itself and leads to where it was written; photos alone are counted', () => {
  const job = {
    ...haul,
    notes: [
      { id: 'n1', at: '2026-03-01T10:00:00Z', by: 'JT', photos: ['a', 'b'] },
      {
        id: 'n2',
        at: '2026-03-01T09:00:00Z',
        text: 'Clip is loose',
        photos: ['a'],
        about: { station: 'sweep' as const, corner: 'rearLeft' as const, setup: 'b' },
      },
      {
        id: 'n3',
        at: '2026-03-01T08:00:00Z',
        text: 'Ask twice',
        about: { station: 'hub' as const, axle: 'rear' as const },
      },
    ],
  };
  const [photos, clip, ask] = logOf({ job, readings: [], changes: [] }, words);
  expect(photos).toMatchObject({ kind: 'note', text: '2 photos', by: 'JT', corner: null, place: { station: 'log' } });
  expect(clip).toMatchObject({
    text: 'Clip is loose (1 photo)',
    corner: 'rearLeft',
    axle: 'rear',
    place: { station: 'sweep', axle: 'rear', side: 'left', setup: 'b' },
    note: 'n2',
    photos: ['a'],
  });
  expect(ask).toMatchObject({ text: 'Ask twice', corner: null, axle: 'rear', place: { station: 'hub', axle: 'rear' } });
  const change = {
    at: '2026-03-01T10:00:00Z',
    kind: 'edit' as const,
    label: 'l',
    edits: [{ op: 'add' as const, path: ['notes'], value: job.notes[0] }],
  };
  expect(logOf({ job: { ...example(), notes: [] }, readings: [], changes: [change] }, words)).toEqual([]);
});

test('every decision is told, the one before among them; a job that came with one tells it', () => {
  const decision = {
    setup: 'b',
    decidedAt: '2026-03-02T09:00:00Z',
    by: 'MR',
    why: 'clears',
    against: [{ setup: 'a', why: 'rubs' }],
  };
  const set = (at: string, value: unknown) => ({
    at,
    kind: 'edit' as const,
    label: 'l',
    edits: [
      value === null ? { op: 'clear' as const, path: ['decision'] } : { op: 'set' as const, path: ['decision'], value },
    ],
  });
  const job = { ...example(), decision };
  const changes = [
    set('2026-03-01T09:00:00Z', { setup: 'a', decidedAt: '2026-03-01T09:00:00Z' }),
    set('2026-03-01T10:00:00Z', null),
    set(decision.decidedAt, decision),
  ];
  expect(texts(logOf({ job, readings: [], changes }, words))).toEqual([
    'B chosen: clears; not A: rubs',
    'Decision left open again',
    'A chosen',
  ]);
  expect(logOf({ job, readings: [], changes: [] }, words)).toMatchObject([
    { at: decision.decidedAt, kind: 'decision', by: 'MR', place: { station: 'compare', setup: 'b' } },
  ]);
});

test('the latest comes first, whatever the order in which it was kept', () => {
  const log = logOf(
    { job: kite, readings: kite.vehicle.front!.readings!.map((one) => ({ ...one, corner: 'front' })), changes: [] },
    words,
  );
  expect(log.length).toBeGreaterThan(100);
  const times = log.map(({ at }) => new Date(at).getTime());
  expect(times).toEqual([...times].sort((a, b) => b - a));
});

test('a file for a spreadsheet: read back whole, and nothing in it is run as a formula', () => {
  const entry = (text: string): LogEntry => ({
    at: '2026-02-03T10:00:00Z',
    kind: 'mark',
    corner: 'frontLeft',
    axle: 'front',
    text,
    by: null,
    place: { station: 'fit-up' },
  });
  fc.assert(
    fc.property(fc.array(fc.string({ maxLength: 60 }), { minLength: 1, maxLength: 5 }), (said) => {
      const { data } = Papa.parse<string[]>(logCsv(said.map(entry)));
      expect(data).toHaveLength(said.length + 1);
      said.forEach((text, at) => {
        const cell = data[at + 1]![3]!;
        expect([text, `'${text}`]).toContain(cell);
        expect(cell).not.toMatch(/^[=+\-@]/);
      });
    }),
  );
});
