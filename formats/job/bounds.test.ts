import { applyEdits, type Edit, type Job } from '#core/job';
import {
  boundFaults,
  checkJob,
  faultLine,
  MAX_FILE_BYTES,
  MOST_READINGS,
  readJobFile,
  writeJobFile,
} from '#formats/job';
import { example } from '#support/jobs';

const repeated = <T>(count: number, make: (index: number) => T): T[] =>
  Array.from({ length: count }, (_, at) => make(at));
const read = (job: object) => readJobFile(JSON.stringify(job));
const said = (job: object): string[] => (read(job).faults ?? []).map(faultLine);
const setups = (count: number) => repeated(count, (at) => ({ id: `s${at}` }));
const points = (count: number) => repeated(count, (at) => ({ out: at % 400, fwd: 0, up: 300 }));
const parts = (count: number, of = 1) => repeated(count, (at) => ({ id: `p${at}`, points: points(of) }));
const ring = (corners: number) =>
  repeated(corners, (at) => {
    const turn = (2 * Math.PI * at) / corners;
    return { a: 60 * Math.cos(turn), r: 150 + 60 * Math.sin(turn) };
  });
const withFront = (front: object): Job => {
  const job = example();
  return { ...job, vehicle: { ...job.vehicle, front: { ...job.vehicle.front, ...front } } };
};

describe('how much of a job is taken in', () => {
  test('the most of each, and one more', () => {
    expect(said({ ...example(), setups: setups(60) })).toEqual([]);
    expect(said({ ...example(), setups: setups(61) })).toEqual(['setups: has 61 setups; 60 are taken']);
    expect(said(withFront({ obstacles: parts(60) }))).toEqual([]);
    expect(said(withFront({ obstacles: parts(61) }))).toEqual(['vehicle.front.obstacles: has 61 parts; 60 are taken']);
    expect(said(withFront({ obstacles: parts(1, 200) }))).toEqual([]);
    expect(said(withFront({ obstacles: parts(2, 201) }))).toEqual([
      'vehicle.front.obstacles[0].points: has 201 points; 200 are taken',
      'vehicle.front.obstacles[1].points: has 201 points; 200 are taken',
    ]);
    expect(said(withFront({ caliper: { outline: ring(1000) } }))).toEqual([]);
    expect(said(withFront({ caliper: { outline: ring(1001) } }))).toEqual([
      'vehicle.front.caliper.outline: has 1001 corners; 1000 are taken',
    ]);
  });
  test('of all points and corners together', () => {
    const faces = repeated(21, (at) => ({ id: `s${at}`, front: { wheel: { innerFace: { barrel: barrel(960) } } } }));
    expect(said({ ...example(), setups: faces })).toEqual(['has 20160 points and corners in all; 20000 are taken']);
  });
  test('a job that came in when more was taken can be worked on and made smaller, but not larger', () => {
    const large = { ...example(), setups: setups(80) } as unknown as Job;
    const after = (...edits: Edit[]) => boundFaults(applyEdits(large, edits), large).map(faultLine);
    expect(after({ op: 'set', path: ['title'], value: 'worked on' })).toEqual([]);
    expect(after({ op: 'remove-setup', id: 's3' })).toEqual([]);
    expect(after({ op: 'add-setup', setup: { id: 'more' } })).toEqual(['setups: has 81 setups; 60 are taken']);
  });
  test('the largest job there is, with the longest history, is a file that is taken back', () => {
    const readings = repeated(MOST_READINGS, (at) => ({
      key: 'hub.fastener.threadDepthMm',
      value: 123.456 + at,
      uncertaintyMm: 0.5,
      instrument: 'steel-rule' as const,
      takenAt: '2026-02-10T08:59:00.000Z',
      withdrawn: true,
    })).map((one) => ({ ...one, value: one.value % 2000 }));
    const job = withFront({ readings, caliper: { outline: ring(1000) } });
    job.vehicle.rear = { ...job.vehicle.rear, readings };
    job.setups = repeated(19, (at) => ({ id: `s${at}`, front: { wheel: { innerFace: { barrel: barrel(1000) } } } }));
    const text = writeJobFile(job);
    expect(text.length).toBeLessThan(MAX_FILE_BYTES);
    expect(readJobFile(text).faults).toBeUndefined();
  });
});

/** A barrel of so many corners, from one flange to the other. */
function barrel(corners: number) {
  return repeated(corners, (at) => ({ a: -100 + (200 * at) / (corners - 1), r: 190 + (at % 2) }));
}

describe('what no job is made of', () => {
  test('brackets within brackets, and more fields than any part has', () => {
    expect(readJobFile('['.repeat(100_000)).faults).toEqual([
      { path: '', message: 'is nested deeper than 40 brackets' },
    ]);
    expect(readJobFile(`{"a":"${'['.repeat(100_000)}"}`).faults!.map(faultLine)).not.toContain('nested');
    const keys = Object.fromEntries(repeated(300_000, (at) => [`k${at}`, at]));
    expect(said(keys)).toEqual(['has more fields than any part of a job has']);
    expect(said(withFront({ hub: keys }))).toEqual(['vehicle.front.hub: has more fields than any part of a job has']);
  });
  test.each([
    ['2026-02-30T08:00:00Z', false],
    ['2026-13-01T08:00:00Z', false],
    ['2026-02-28T25:00:00Z', false],
    ['0000-00-00T00:00:00Z', false],
    ['2025-02-29', false],
    ['2024-02-29T08:00:00Z', true],
    ['2026-02-28T08:00:00.000+05:30', true],
    ['2026-02-28', true],
  ])('a reading taken on %s: %s', (takenAt, taken) => {
    const reading = { key: 'room.archGapMm', value: 70, uncertaintyMm: 1, instrument: null, takenAt };
    expect(said(withFront({ readings: [reading] })).length === 0).toBe(taken);
  });
  test('control characters in a text, and the character of no width at all', () => {
    for (const label of ['a\u0000b', 'a\u0007b', 'a\u007fb'])
      expect(said({ ...example(), title: label }).join()).toMatch(/^title: has a control character/);
  });
  test('outlines that were found in order are not looked at again; a new one is', () => {
    const job = withFront({ caliper: { outline: ring(50) } });
    const crossed = [...ring(50)];
    [crossed[3], crossed[9]] = [crossed[9]!, crossed[3]!];
    const edited = applyEdits(job, [{ op: 'set', path: ['title'], value: 'x' }]);
    expect(checkJob(edited, job).job).toBe(edited);
    const path = ['vehicle', 'front', 'caliper', 'outline'];
    expect(
      checkJob(applyEdits(job, [{ op: 'set', path, value: crossed }]), job)
        .faults!.map(faultLine)
        .join(),
    ).toMatch(/outline: crosses itself/);
  });
});
