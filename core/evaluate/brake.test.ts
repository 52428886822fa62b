import { rankByBrakeRoom } from '#core/advice';
import { evaluate, evaluatePresent, evaluateSetup, NO_SWEEPS, type Check } from '#core/evaluate';
import { familyFace, type AxialPoint, type InnerFace } from '#core/brake';
import { applyEdits, type Edit, type Job, type StackPart } from '#core/job';
import { EXAMPLE } from '#support/jobs';

const at = (a: number, r: number): AxialPoint => ({ a, r });
const outline = [at(-30, 150), at(45, 150), at(45, 95), at(-30, 95)];
/** A flat spoke 48 mm outboard of the pad and a barrel 12 mm over the brake. */
const face: InnerFace = {
  barrel: [at(-110, 162), at(30, 162)],
  spoke: [at(48, 158), at(48, 80)],
};
const set = (path: string, value: unknown): Edit => ({ op: 'set', path: path.split('/'), value });
const WITH = [set('vehicle/front/caliper', { outline }), set('setups/a/front/wheel/innerFace', face)];
const job = (...edits: Edit[]): Job => applyEdits(EXAMPLE, [...WITH, ...edits]);
const frontOf = (of: Job) => evaluateSetup(of, of.setups[0]!, { sweeps: NO_SWEEPS }).front;
const check = (of: Job, code: string): Check | undefined => frontOf(of).checks.find((one) => one.code === code);

describe('a brake in the report', () => {
  // Worked by hand: setup a stands on no stack; 48 − 45 = 3 mm to the spokes, 162 − 150 = 12 mm to the barrel.
  test('distances, where they are, and the stack that clears', () => {
    const { brake } = frontOf(job());
    expect(brake).toMatchObject({ spokeMm: 3, barrelMm: 12, weightMm: null, stackToClearMm: 0, verdict: 'ok' });
    expect(brake.spokeAt!.caliper.a).toBe(45);
    expect(brake.spokeAt!.wheel.a).toBe(48);
    expect(check(job(), 'brake-spoke')).toMatchObject({ value: 3, limit: 2, margin: 1, verdict: 'ok', unit: 'mm' });
  });
  test('a stack moves the wheel outboard: the spokes by its thickness, the barrel not at all', () => {
    const { brake } = frontOf(job(set('setups/a/front/stack', [{ kind: 'slip-on', thicknessMm: 5 }])));
    expect(brake).toMatchObject({ spokeMm: 8, barrelMm: 12 });
    expect(brake.spokeAt!.wheel.a).toBe(53);
  });
  // Worked by hand: rim code 13 is taken as 330 mm (ISO 4000-1, from memory), so 165 mm from the axis.
  test('a brake that reaches the bead seat of a rim touches whatever is inside; under it nothing is known', () => {
    const bare = (rimDiameterIn: number, most: number) =>
      job(
        { op: 'clear', path: ['setups', 'a', 'front', 'wheel', 'innerFace'] },
        set('setups/a/front/wheel/rimDiameterIn', rimDiameterIn),
        set('vehicle/front/caliper', { outline: outline.map(({ a, r }) => at(a, r === 150 ? most : r)) }),
      );
    const small = check(bare(13, 170), 'brake-barrel')!;
    expect(small.verdict).toBe('fail');
    expect(small.value).toBeCloseTo(165 - 170, 6);
    expect(small.working.join(' ')).toContain('whatever this wheel is like inside');
    expect(frontOf(bare(13, 170)).brake.verdict).toBe('fail');
    expect(check(bare(13, 160), 'brake-barrel')!.verdict).toBe('unknown');
    expect(check(bare(17, 170), 'brake-barrel')!.verdict).toBe('unknown');
    // Beside the rim, further inboard than it reaches, a brake may be larger than it.
    const beside = outline.map(({ a, r }) => at(a - 250, r === 150 ? 170 : r));
    const moved = applyEdits(bare(13, 170), [set('vehicle/front/caliper', { outline: beside })]);
    expect(check(moved, 'brake-barrel')!.verdict).toBe('unknown');
  });
  test.each<[string, Edit[], string, string, RegExp]>([
    [
      'no outline',
      [{ op: 'clear', path: ['vehicle', 'front', 'caliper'] }],
      'brake-spoke',
      'unknown',
      /brake's outline is needed/,
    ],
    [
      'no face',
      [{ op: 'clear', path: ['setups', 'a', 'front', 'wheel', 'innerFace'] }],
      'brake-barrel',
      'unknown',
      /inner face is needed/,
    ],
    [
      'no barrel',
      [set('setups/a/front/wheel/innerFace', { spoke: face.spoke })],
      'brake-barrel',
      'unknown',
      /barrel were not measured/,
    ],
    [
      'a stack of unknown thickness',
      [set('setups/a/front/stack', [{ kind: 'slip-on' }])],
      'brake-spoke',
      'unknown',
      /every thickness/,
    ],
    [
      'too near',
      [set('setups/a/front/wheel/innerFace', { ...face, spoke: [at(46, 158), at(46, 80)] })],
      'brake-spoke',
      'caution',
      /1\.0 mm apart/,
    ],
    [
      'it touches',
      [set('setups/a/front/wheel/innerFace', { ...face, spoke: [at(41, 158), at(41, 80)] })],
      'brake-spoke',
      'fail',
      /overlap by 4\.0 mm/,
    ],
    [
      'other shop defaults',
      [set('brief/limits/brakeSpokeMm', 4)],
      'brake-spoke',
      'caution',
      /limit 4\.0 mm, from the brief/,
    ],
    [
      'nearer to the hub than measured',
      [set('setups/a/front/wheel/innerFace', { ...face, spoke: [at(48, 158), at(48, 120)] })],
      'brake-spoke',
      'unknown',
      /25\.0 mm past where the spokes/,
    ],
    [
      'read on another wheel',
      [set('setups/a/front/wheel/innerFace', { ...face, readOn: { rimWidthIn: 8, offsetMm: 35 } })],
      'brake-spoke',
      'unknown',
      /wheel 8 in wide with offset \+35/,
    ],
  ])('%s', (_, edits, code, verdict, line) => {
    const found = check(job(...edits), code)!;
    expect(found.verdict).toBe(verdict);
    expect(found.working.join('\n')).toMatch(line);
  });
  test('weights are judged where some are known', () => {
    expect(check(job(), 'brake-weight')).toBeUndefined();
    const weights = [{ fromMm: -40, toMm: 0, heightMm: 10 }];
    const found = check(job(set('setups/a/front/wheel/innerFace', { ...face, weights })), 'brake-weight');
    expect(found).toMatchObject({ value: 2, limit: 3, verdict: 'caution' });
  });
  test('an assumed face is judged and marked as assumed', () => {
    const { wheel } = EXAMPLE.setups[0]!.front!;
    const family = familyFace('flat', {
      rimDiameterIn: 17,
      rimWidthIn: wheel!.rimWidthIn!,
      offsetMm: wheel!.offsetMm!,
      flangeMm: 12.7,
    });
    const front = frontOf(job(set('setups/a/front/wheel/innerFace', family)));
    expect(front.brake.assumed).toBe(true);
    expect(front.brake.spokeMm).not.toBeNull();
    expect(front.assumed).toContain('setups.a.front.wheel.innerFace');
  });
  test('the present wheel is judged by its own face', () => {
    const present = evaluatePresent(job(set('vehicle/front/baseline/wheel/innerFace', face)), { sweeps: NO_SWEEPS });
    expect(present.front.brake.spokeMm).toBe(3);
    // Nobody read it, and the car drives: the wheel on it now clears its brake.
    expect(present.rear.brake).toMatchObject({ spokeMm: null, verdict: 'ok' });
  });
  test('the report carries it whole', () => {
    const { setups } = JSON.parse(JSON.stringify(evaluate(job(), { sweeps: NO_SWEEPS }))) as ReturnType<
      typeof evaluate
    >;
    expect(setups[0]!.front.brake).toMatchObject({ spokeMm: 3, barrelMm: 12, stackToClearMm: 0 });
    expect(setups[1]!.front.brake.spokeMm).toBeNull();
    const report = evaluate(EXAMPLE, { sweeps: NO_SWEEPS });
    expect(report.setups[0]!.front.brake).toMatchObject({ spokeMm: null, barrelMm: null, stackToClearMm: null });
  });
});

describe('wheels by brake room', () => {
  const wheel = { rimDiameterIn: 17, rimWidthIn: 7.5, offsetMm: 40, lugCount: 4, boltCircleMm: 108 };
  const wheels = [
    { of: 'deep', wheel: { ...wheel, innerFace: { ...face, spoke: [at(40, 158), at(40, 80)] } } },
    { of: 'nobody measured', wheel },
    { of: 'domed', wheel: { ...wheel, innerFace: { ...face, spoke: [at(60, 158), at(60, 80)] } } },
    {
      of: 'low barrel',
      wheel: {
        ...wheel,
        innerFace: { ...face, barrel: [at(-110, 155), at(30, 155)], spoke: [at(60, 158), at(60, 80)] },
      },
    },
    { of: 'other pattern', wheel: { ...wheel, lugCount: 5, innerFace: face } },
  ];
  const behind = (stack: StackPart[]) => wheels.map((one) => ({ ...one, stack }));
  test('alike in width and offset, they differ: most room first, the unknown last', () => {
    const ranked = rankByBrakeRoom(job(), 'front', behind([]));
    expect(ranked.map(({ of, spareMm }) => [of, spareMm])).toEqual([
      ['domed', 9],
      ['low barrel', 2],
      ['other pattern', 1],
      ['deep', -7],
      ['nobody measured', null],
    ]);
    expect(ranked.find(({ of }) => of === 'other pattern')!.pattern).toBe('fail');
  });
  test('behind a stack all of them move out', () => {
    const ranked = rankByBrakeRoom(job(), 'front', behind([{ kind: 'slip-on', thicknessMm: 9 }]));
    expect(ranked.find(({ of }) => of === 'deep')!.spareMm).toBe(2);
  });
});
