import { readdirSync, readFileSync } from 'node:fs';
import Ajv2020 from 'ajv/dist/2020.js';
import fc from 'fast-check';
import type { Job } from '#core/job';
import { placeName, readingAt } from '#formats/fields';
import {
  checkJob,
  editSchema,
  faultLine,
  jobFileName,
  jsonSchemaText,
  MAX_FILE_BYTES,
  pathText,
  readJobFile,
  writeJobFile,
} from '#formats/job';
import { VALIDATION } from '#formats/rules';
import { EXAMPLE_TEXT } from '#support/jobs';

const example = (): Job => JSON.parse(EXAMPLE_TEXT) as Job;

/** The job with one place changed, however deep: `setups[0].front.wheel.rimWidthIn`. */
function withValue(path: string, value: unknown): unknown {
  const job = example() as unknown as Record<string, unknown>;
  const keys = path.split(/[.[\]]+/).filter(Boolean);
  const last = keys.pop()!;
  const place = keys.reduce<Record<string, unknown>>((at, key) => (at[key] ??= {}) as Record<string, unknown>, job);
  if (value === undefined) delete place[last];
  else place[last] = value;
  return job;
}
const faultLines = (data: unknown): string[] => (checkJob(data).faults ?? []).map(faultLine);

describe('reading and writing', () => {
  test('the example round trips exactly', () => {
    const { job } = readJobFile(EXAMPLE_TEXT);
    expect(job).toEqual(JSON.parse(EXAMPLE_TEXT));
    expect(readJobFile(writeJobFile(job!)).job).toEqual(job);
    expect(Object.keys(readJobFile(writeJobFile(job!)).job!.vehicle)).toEqual(Object.keys(example().vehicle));
  });
  test.each(readdirSync('demo').filter((name) => name.endsWith('.json')))(
    'demo/%s is a whole job and round trips',
    (name) => {
      const text = readFileSync(`demo/${name}`, 'utf8');
      expect(readJobFile(text).faults).toBeUndefined();
      expect(writeJobFile(readJobFile(text).job!)).toBe(text);
    },
  );
  test('a brake and the inside of a wheel are validated and kept', () => {
    const outline = [
      { a: 20, r: 150 },
      { a: 55, r: 150 },
      { a: 55, r: 95 },
    ];
    const job = withValue('vehicle.front.caliper', {
      label: 'Ostrik four-pot',
      outline,
      rotorDiameterMm: 312,
      origin: 'traced',
    }) as Job;
    expect(readJobFile(writeJobFile(job)).job).toEqual(job);
    const face = {
      barrel: [
        { a: -80, r: 200 },
        { a: 30, r: 198 },
      ],
      spoke: [
        { a: 34, r: 190 },
        { a: 48, r: 90 },
      ],
      weights: [{ fromMm: -40, toMm: -10, heightMm: 5 }],
      origin: 'straightedge',
      readOn: { rimWidthIn: 7.5, offsetMm: 40 },
    };
    const wheel = withValue('setups.0.front.wheel.innerFace', face) as Job;
    expect(readJobFile(writeJobFile(wheel)).job).toEqual(wheel);
  });
  const point = (a: number, r: number) => ({ a, r });
  test.each<[string, unknown, string[]]>([
    ['vehicle.front.caliper', { outline: [{ a: 20 }] }, ['vehicle.front.caliper.outline[0].r: is missing']],
    [
      'vehicle.front.caliper.outline',
      [point(0, 100), point(20, 120), point(20, 100), point(0, 120)],
      ['vehicle.front.caliper.outline: crosses itself: the edge behind point 1 meets the one behind point 3'],
    ],
    [
      'vehicle.front.caliper.outline',
      [point(0, 100), point(20, 120)],
      ['vehicle.front.caliper.outline: needs at least three corners'],
    ],
    [
      'vehicle.front.caliper.outline',
      [point(0, 100), point(20, 1600), point(20, 100)],
      ['vehicle.front.caliper.outline[1].r: must be between 0 and 1500'],
    ],
    [
      'setups.0.front.wheel.innerFace.barrel',
      [point(0, 200), point(10, 200), point(5, 200)],
      ['setups[0].front.wheel.innerFace.barrel: turns back at point 3: a must run one way'],
    ],
    [
      'setups.0.front.wheel.innerFace.spoke',
      [point(0, 190), point(10, 90), point(5, 100)],
      ['setups[0].front.wheel.innerFace.spoke: turns back at point 3: r must run one way'],
    ],
    [
      'setups.0.front.wheel.innerFace',
      { weights: [{ fromMm: 0, toMm: 10, heightMm: 5 }] },
      ['setups[0].front.wheel.innerFace.weights: need a barrel first'],
    ],
    [
      'setups.0.front.wheel.innerFace.weights',
      [{ fromMm: 0, toMm: 10, heightMm: 40 }],
      ['setups[0].front.wheel.innerFace.weights[0].heightMm: must be between 0.5 and 30'],
    ],
    [
      'setups.0.front.wheel.innerFace.readOn',
      { rimWidthIn: 7 },
      ['setups[0].front.wheel.innerFace.readOn.offsetMm: is missing'],
    ],
  ])('%s: %j', (path, value, faults) => {
    expect(faultLines(withValue(path, value))).toEqual(faults);
  });
  test('nulls and left-out values stay what they are', () => {
    const job = withValue('vehicle.front.hub.fastener.threadDepthMm', null) as Job;
    expect(readJobFile(writeJobFile(job)).job!.vehicle.front!.hub!.fastener!.threadDepthMm).toBeNull();
    expect('threadDepthMm' in readJobFile(EXAMPLE_TEXT).job!.vehicle.front!.hub!.fastener!).toBe(false);
  });
});

describe('faults name their place', () => {
  test.each([
    ['setups[0].front.wheel.rimWidthIn', 300, 'must be between 3 and 16'],
    ['setups[0].front.wheel.rimWidthIn', '7.5', 'must be a number'],
    ['setups[0].front.tire.size', '205/55', 'after 205/55 the rim diameter is missing, as in 205/55R16'],
    ['setups[0].front.tire.size', '', 'must not be empty'],
    ['setups[0].front.wheel.colour', 'silver', 'is not a known field'],
    ['setups[0].front.wheel.backspacingMm', 120, 'give only one of'],
    ['setups[0].id', 'a b', 'must be 1 to 40 letters'],
    ['setups[1].id', 'a', 'has the same id'],
    ['setups', {}, 'must be'],
    ['setups[0].front.fastener', { nut: 'wing' }, 'must be one of open, closed'],
    ['setups[0].front.dryFit', { hubToWheel: 'maybe' }, 'must be one of'],
    ['setups[0].front.dryFit', { hubToSky: 'flush' }, 'is not a known field'],
    ['vehicle.front.hub.lipForm', 'round', 'must be one of'],
    ['vehicle.front.hub.fastener.nutDepthMm', -2, 'must be between'],
    ['vehicle.stabilityControl', 'yes', 'must be'],
    ['vehicle.spare', { wellFloorDiameterMm: 4000 }, 'must be between'],
    ['vehicle.spare', { holdDownThread: 'M9' }, 'M9'],
    ['vehicle.front.obstacles[0].leavesOpen', 4, 'must be'],
    ['brief.requiredBackspacingMm', { middle: 90 }, 'is not a known field'],
    ['brief.requiredBackspacingMm', 900, 'must be'],
    ['brief.rules', { poses: 'some' }, 'must be one of'],
    ['house', { limits: { contactPct: 70 } }, 'must be between'],
    ['setups', undefined, 'is missing'],
    ['format', 'other.job', 'must be scoval.job'],
    ['version', 2, 'must be 1'],
    ['vehicle', undefined, 'is missing'],
    ['vehicle.drive', 'tracks', 'must be one of'],
    ['vehicle.label', 'x'.repeat(121), 'longer than 120'],
    ['vehicle.label', 'bell\u0007', 'control character'],
    ['vehicle.front.hub.lugCount', 4.5, 'must be a whole number'],
    ['vehicle.front.obstacles[0].points', [{ out: 0, fwd: 0, up: 0 }], 'give only one of'],
    ['vehicle.front.obstacles[1].gap.clockDeg', 300, 'must be between -180 and 180'],
    ['vehicle.front.obstacles[0].kind', 'tyre', 'must be one of fender-lip'],
    ['vehicle.front.obstacles[0].side', 'both', 'must be one of left, right'],
    ['vehicle.front.obstacles[0].mount', 'frame', 'must be one of body, knuckle, arm'],
    ['vehicle.front.obstacles[0].gap.surface', undefined, 'is missing'],
    ['vehicle.front.obstacles[0].gap.gapMm', null, 'must be a number'],
    ['vehicle.front.obstacles[0].gap.steerDeg', 75, 'must be between -60 and 60'],
    ['vehicle.front.obstacles[0].gap.instrument', 'eye', 'must be one of steel-rule'],
    ['vehicle.front.obstacles[0].points', [], 'needs at least 1'],
    ['vehicle.front.obstacles[1].id', 'liner-rear', 'has the same id as another entry'],
    ['vehicle.front.suspension.kind', 'leaf', 'must be one of strut, wishbone, axle, rear'],
    ['vehicle.front.suspension.bumpMm', -5, 'must be between 0 and 500'],
    ['vehicle.front.suspension.toeDeg', 1, 'is not a known field'],
    ['vehicle.front.left', { room: { outboardGapMm: 'wide' } }, 'must be a number'],
    ['brief.sweep', { bulgeMm: 61 }, 'must be between 0 and 60'],
    ['setups[0].suspensionChange', { front: { kind: 'spring' } }, 'is missing'],
    ['setups[0].suspensionChange', { front: { kind: 'airbag', mm: 5 } }, 'must be one of spring, strut-top, body'],
    ['brief.pokeMm', { min: 5, max: -5 }, 'is beyond the outer end'],
    ['vehicle.front', [], 'must be an object'],
    ['setups[0].front.tire.loadIndex', 300, 'must be between 20 and 204'],
    ['setups[0].front.tire.loadIndexDual', 91.5, 'must be a whole number'],
    ['setups[0].front.tire.speed', 'X', '“X” is not a speed rating such as T, H or V'],
    ['setups[0].front.tire.speed', 'v', 'must be in capitals'],
    ['setups[0].front.tire.loadRange', 'Q', '“Q” is not a load range letter'],
    ['setups[0].front.tire.size', '205/45R17 300W', 'load index 300 is outside 20 to 204'],
    ['setups[0].front.tire.size', '185R14C', 'between 185 and 14 the aspect ratio is missing'],
    ['setups[0].front.tire.massKg', 0, 'must be between 0.1 and 200'],
    ['setups[0].spare', 'full', 'must be one of'],
    ['setups[0].sensors', { from: 'order', frequencyMHz: 4 }, 'must be between 300 and 1000'],
    ['setups[0].sensors', { from: 'shelf' }, 'must be one of'],
    ['vehicle.spare', { wellDepthMm: 0 }, 'must be between 20 and 600'],
    ['vehicle.spare', { wellDiameterMm: 640, shape: 'round' }, 'is not a known field'],
    ['vehicle.tpms', { relearn: 'magic' }, 'must be one of'],
    ['vehicle.speedometer', { indicatedKmh: 0, trueKmh: 95 }, 'must be between 10 and 400'],
    ['vehicle.gearing', { axleRatio: 0 }, 'must be between 1 and 12'],
    ['vehicle.rear.dual', 'yes', 'must be a boolean'],
    ['setups[0].rear.dualSpacerMm', -2, 'must be between 0 and 200'],
    ['brief.speedsKmh', [50, 'fast'], 'must be a number'],
    ['brief.speedsKmh', [50, 60, 70, 80, 90, 100, 110, 120, 130], 'has more than 8 entries'],
    ['vehicle.front.hub.boreMm', 110, 'the center bore must be smaller than the bolt circle (108 mm)'],
    ['setups[0].rear.wheel.boreMm', 108, 'the center bore must be smaller than the bolt circle (108 mm)'],
    ['vehicle.rear.hub.fastener.thread', 'M13x1.4', 'no wheel is fastened with M13'],
    ['setups[0].front.fastener', { thread: 'M12x1.4' }, 'nobody makes M12x1.4'],
    ['setups[0].front.stack', [{ kind: 'slip-on', thicknessMm: -5 }], 'must be between 0 and 200'],
    ['setups[0].front.stack', [{ kind: 'washer' }], 'must be one of slip-on, bolt-on, ring'],
    [
      'vehicle.front.hub.patternReadings',
      [{ kind: 'widest', from: 'outer-edges', valueMm: 100 }],
      'patternReadings[0].studDiameterMm: for a reading to an edge',
    ],
    [
      'vehicle.front.hub.patternReadings',
      [{ kind: 'apart', from: 'centres', valueMm: 100, steps: 3 }],
      'patternReadings[0].steps: of 4 studs two are at most 2 steps apart',
    ],
    [
      'vehicle.front.hub.patternReadings',
      [{ kind: 'widest', from: 'there', valueMm: 100 }],
      'must be one of centres, same-edge',
    ],
    ['brief.rules', { centring: 'never' }, 'must be one of required, nuts'],
  ])('%s = %j: %s', (path, value, message) => {
    const lines = faultLines(withValue(path, value));
    expect(lines.join('\n')).toContain(message);
    expect(
      lines.some((line) => line.startsWith(path.replace(/\.(backspacingMm|points|id)$/, '')) || line.startsWith(path)),
    ).toBe(true);
  });
  test('opposite studs of an odd count are none', () => {
    const hub = { lugCount: 5, patternReadings: [{ kind: 'opposite', from: 'centres', valueMm: 100 }] };
    expect(faultLines(withValue('vehicle.front.hub', hub))).toEqual([
      'vehicle.front.hub.patternReadings[0].kind: of 5 studs none are opposite: read the widest pair',
    ]);
  });
  test('several at once, each on its line, never endless', () => {
    const job = withValue('setups[0].front.wheel.rimWidthIn', 300) as Job;
    job.setups[1]!.rear!.tire!.size = 'big';
    expect(faultLines(job)).toHaveLength(2);
    const many = { ...example(), ...Object.fromEntries(Array.from({ length: 300 }, (_, n) => [`key${n}`, n])) };
    expect(faultLines(many)).toHaveLength(51);
    expect(faultLines(many).at(-1)).toBe('and 250 more faults');
  });
  test('a key that would reach into the language is only an unknown key', () => {
    const read = readJobFile(EXAMPLE_TEXT.replace('"title"', '"__proto__"'));
    expect(read.faults?.map(faultLine)).toEqual(['__proto__: is not a known field']);
    const deep = readJobFile(EXAMPLE_TEXT.replace('"lugCount": 4,', '"__proto__": {},'));
    expect(deep.faults?.map(faultLine)).toEqual(['vehicle.front.hub.__proto__: is not a known field']);
  });
  test.each([
    [EXAMPLE_TEXT.slice(0, 1200), /^the file is cut short: it ends at line \d+, column \d+/],
    [EXAMPLE_TEXT.slice(0, -3), /cut short/],
    [`${EXAMPLE_TEXT}}`, /^is not JSON at line/],
    ['{"a": 1,}', /^is not JSON at line 1, column 9/],
    ['{"a": "un', /cut short/],
    ['{"a": tru', /cut short/],
    ['{"format": scoval}', /^is not JSON at line 1, column 12/],
    ['', /^the file is empty/],
    ['  \n', /^the file is empty/],
    ['[]', /one JSON object/],
    ['null', /one JSON object/],
    ['"x"', /one JSON object/],
    [' '.repeat(MAX_FILE_BYTES + 1), /larger than 12 MB/],
  ])('a broken file %#', (text, message) => {
    const { faults, job } = readJobFile(text);
    expect(job).toBeUndefined();
    expect(faults!.map(faultLine).join()).toMatch(message);
  });
  test('cut anywhere, it is a fault and never a job or a crash', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: EXAMPLE_TEXT.trimEnd().length - 1 }), (length) => {
        expect(readJobFile(EXAMPLE_TEXT.slice(0, length)).faults!.length).toBeGreaterThan(0);
      }),
    );
  });
  test('a byte order mark is no fault; script in a label is only text', () => {
    expect(readJobFile(`\ufeff${EXAMPLE_TEXT}`).faults).toBeUndefined();
    const script = '<img src=x onerror=alert(1)><script>alert(1)</script>';
    expect(checkJob(withValue('vehicle.label', script)).job!.vehicle.label).toBe(script);
  });
});

describe('the published JSON Schema', () => {
  const text = readFileSync('docs/job-file.schema.json', 'utf8');
  const validate = new Ajv2020({ strict: false, validateFormats: false }).compile(JSON.parse(text));
  test('is the one made from the reader (npm run schema writes it)', () => expect(text).toBe(jsonSchemaText()));
  test('accepts the example and every demo job', () => {
    expect(validate(example())).toBe(true);
    for (const name of readdirSync('demo').filter((file) => file.endsWith('.json')))
      expect([name, validate(JSON.parse(readFileSync(`demo/${name}`, 'utf8')))]).toEqual([name, true]);
  });
  test('takes null where the reader takes it', () => {
    const job = example();
    const fitted = { setup: 'a', measured: [{ figure: 'pokeMm' as const, valueMm: 1, instrument: null }] };
    job.fittings = [
      {
        id: 'f1',
        kind: 'final',
        startedAt: '2026-03-02T08:40:00Z',
        finishedAt: null,
        odometerKm: null,
        outcome: null,
        corners: { frontRight: fitted },
      },
    ];
    expect(readJobFile(JSON.stringify(job)).faults).toBeUndefined();
    expect(validate(job)).toBe(true);
  });
  test.each([
    ['setups[0].front.wheel.rimWidthIn', 300],
    ['setups[0].front.wheel.colour', 'silver'],
    ['vehicle.drive', 'tracks'],
    ['setups', {}],
    ['version', 2],
    ['vehicle.front.room.outboardGapMm', 'ten'],
    ['vehicle.label', 'bell\u0007'],
  ])('refuses what the reader refuses: %s = %j', (path, value) => {
    expect(validate(withValue(path, value))).toBe(false);
    expect(checkJob(withValue(path, value)).faults).toBeDefined();
  });
});

describe('edits at the door', () => {
  const fault = (edit: unknown) => editSchema.validate(edit, VALIDATION).error;
  test.each([
    [{ op: 'set', path: ['title'], value: 'x' }],
    [
      {
        op: 'set',
        path: ['vehicle', 'front', 'room', 'archGapMm'],
        value: 70,
        taken: { instrument: 'tape', uncertaintyMm: 1.5 },
      },
    ],
    [{ op: 'clear', path: ['brief', 'notes'] }],
    [{ op: 'add-setup', setup: { id: 'c' }, after: null }],
    [{ op: 'remove-setup', id: 'c' }],
  ])('%j', (edit) => expect(fault(edit)).toBeUndefined());
  test.each([
    [{ op: 'drop' }],
    [{ op: 'set', path: ['title'] }],
    [{ op: 'set', path: [], value: 1 }],
    [{ op: 'set', path: ['a/b'], value: 1 }],
    [{ op: 'set', path: ['title'], value: 1, taken: { instrument: 'thumb', uncertaintyMm: 1 } }],
    [{ op: 'add-setup', setup: { id: 'c', wheels: 4 } }],
    ['set'],
    [null],
  ])('%j is refused', (edit) => expect(fault(edit)).toBeDefined());
});

test('names and places', () => {
  expect(pathText(['setups', 0, 'front', 'wheel'])).toBe('setups[0].front.wheel');
  expect(placeName(['setups', 'b', 'rear', 'wheel', 'offsetMm'])).toBe('setup b · rear · offset');
  expect(placeName(['vehicle', 'front', 'baseline', 'wheel', 'offsetMm'])).toBe('front · present · offset');
  expect(readingAt(['vehicle', 'rear', 'room', 'archGapMm'])).toEqual({ axle: 'rear', key: 'room.archGapMm' });
  expect(readingAt(['vehicle', 'rear', 'hub', 'lugCount'])).toBeNull();
  expect(readingAt(['setups', 'rear', 'room', 'archGapMm'])).toBeNull();
  expect(jobFileName('SK-001 Tarmac set / für «Kite» ')).toBe('sk-001-tarmac-set-fu-r-kite.scoval.json');
  expect(jobFileName('…')).toBe('job.scoval.json');
});
