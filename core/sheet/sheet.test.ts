import { evaluateSetup, NO_SWEEPS } from '#core/evaluate';
import type { Job } from '#core/job';
import { changed, demoJob, type DemoName } from '#support/jobs';
import { sheetOf, type SheetStep } from '.';

/** Where the parts around the wheel are not asked for. */
const STILL = { sweeps: NO_SWEEPS };

const kite = demoJob('brindle-kite');
const at = (steps: readonly SheetStep[], corner: SheetStep['corner']) => steps.filter((step) => step.corner === corner);
const ids = (steps: readonly SheetStep[]) => steps.map(({ id }) => id);
const step = (job: Job, setup: string, id: string, corner: SheetStep['corner'] = 'frontRight') =>
  sheetOf(job, setup, STILL).steps.find((one) => one.id === id && one.corner === corner);

describe('a spacer set of the demo', () => {
  const { format, steps } = sheetOf(kite, 'b');
  const report = evaluateSetup(kite, kite.setups[1]!);

  test('what is done at a corner, in the order in which it is done there', () => {
    expect(format).toBe('scoval.sheet');
    expect(ids(at(steps, 'frontRight'))).toEqual([
      'hub-clean',
      'rotor-clips-off',
      'spacer-flush-hub',
      'wheel-flush-spacer',
      'ring-spacer-to-wheel',
      'anti-seize',
      'started-by-hand',
      'turns-free',
      'wheel-torque',
      'read-poke',
      'read-archgap',
      'read-rideheight',
      'look-at-strut',
      'look-at-frame',
      'look-at-tie-rod-end',
      'retorque',
    ]);
  });

  test('what is done at the whole car stands between: safe before a wheel comes off, marks after it is on', () => {
    const places = ['parts-laid-out-front', 'car-safe', 'car-safe-loosen', 'hub-clean', 'wheel-torque', 'settled'];
    const order = [...places, 'torque-after-settling', 'read-poke', 'look-at-strut', 'marks', 'pressure-front'];
    const found = order.map((id) => ids(steps).indexOf(id));
    expect(found).toEqual([...found].sort((a, b) => a - b));
    expect(found).not.toContain(-1);
  });

  test('torque in its stages, crosswise by number', () => {
    const torque = steps.find(({ id }) => id === 'wheel-torque')!;
    expect(torque.torqueNm).toEqual([55, 95, 110]);
    expect(torque.text).toContain('1–3–2–4');
    expect(torque.text).toContain('55 N·m, 95 N·m, 110 N·m');
  });

  test('what is read is held against the figures of the report', () => {
    const expects = (id: string, corner: SheetStep['corner'] = 'frontRight') =>
      at(steps, corner).find((one) => one.id === id)!.expects;
    const check = (code: string) => report.front.checks.find((one) => one.code === code)!.plusMinus;
    expect(expects('read-poke')).toEqual({
      figure: 'pokeMm',
      predictedMm: report.front.pokeMm,
      plusMinusMm: check('fender'),
    });
    expect(expects('turns-free')!.predictedMm).toBe(report.front.brake.spokeMm);
    expect(expects('speedometer', null)).toMatchObject({ predictedMm: report.front.trueSpeedAt100 });
    expect(expects('spare', null)).toMatchObject({ predictedMm: report.spare!.proudMm });
    const nearest = [...report.front.obstacles]
      .sort((a, b) => a.clearanceMm! - a.limitMm - (b.clearanceMm! - b.limitMm))
      .slice(0, 3)
      .map(({ id, clearanceMm }) => [`obstacle:${id}`, clearanceMm]);
    const looked = at(steps, 'frontRight').filter(({ id }) => id.startsWith('look-at-'));
    expect(looked.map(({ expects: one }) => [one!.figure, one!.predictedMm])).toEqual(nearest);
  });

  test('the spacer’s reasons are those of its own faces', () => {
    expect(step(kite, 'b', 'spacer-flush-hub')!.because).toContain('9.0 mm');
    expect(step(kite, 'b', 'ring-spacer-to-wheel')!.text).toContain('72.6–63.4 mm');
  });
});

describe('what asks for a step, and only that', () => {
  const has = (job: Job, setup: string, id: RegExp) =>
    ids(sheetOf(job, setup, STILL).steps).some((one) => id.test(one));
  const adapter = changed(kite, [
    'setups/b/front/stack',
    [{ kind: 'bolt-on', thicknessMm: 20, studLengthMm: 28, thread: 'M12x1.5', torqueNm: 100, seatThicknessMm: 10 }],
  ]);

  test('no stack: no clips, no pack label, no spacer', () => {
    expect(has(kite, 'a', /^(rotor-clips-off|pack-labels|spacer-flush|adapter-nuts)/)).toBe(false);
  });

  test('a ring that is needed and not there is asked for', () => {
    expect(step(kite, 'a', 'ring-hub-to-wheel')!.because).toContain('has no such ring yet');
    expect(step(kite, 'b', 'ring-spacer-to-wheel')!.because).toContain('centers the wheel');
  });

  test('an adapter has nuts of its own, tightened before the wheel hides them, and again later', () => {
    const steps = at(sheetOf(adapter, 'b', STILL).steps, 'frontRight');
    const [own, wheel] = ['adapter-nuts', 'wheel-torque'].map((id) => ids(steps).indexOf(id)) as [number, number];
    expect(own).toBeGreaterThan(-1);
    expect(own).toBeLessThan(wheel);
    // The car's own torque on the car's own studs; the wheel hangs on the adapter's.
    expect(steps[own]!.torqueNm!.at(-1)).toBe(110);
    expect(steps[wheel]!.torqueNm!.at(-1)).toBe(100);
    expect(steps.at(-1)!.text).toContain('adapter’s nuts');
    expect(has(adapter, 'b', /^stud-pockets/)).toBe(true);
  });

  test('fasteners of two lengths are kept apart', () => {
    expect(has(kite, 'b', /^fasteners-apart/)).toBe(false);
    expect(has(changed(kite, ['setups/b/rear/fastener', { lengthMm: 60 }]), 'b', /^fasteners-apart/)).toBe(true);
  });

  test('a lift asks for an alignment, a change of rake for the lamps', () => {
    const haul = demoJob('orrin-haul');
    expect([has(haul, 'b', /^alignment/), has(haul, 'a', /^alignment/)]).toEqual([true, false]);
    const nose = changed(haul, ['setups/b/suspensionChange/rear/mm', 5]);
    expect(has(nose, 'b', /^headlamps/)).toBe(true);
  });

  test('without a torque it says where to find one; without readings nothing is expected', () => {
    const bare = changed(kite, ['vehicle/front/hub'], ['vehicle/front/room'], ['vehicle/front/obstacles']);
    const torque = step(bare, 'a', 'wheel-torque')!;
    expect([torque.torqueNm, torque.text]).toEqual([null, expect.stringContaining('look it up')]);
    expect(step(bare, 'a', 'read-poke')!.expects).toMatchObject({ predictedMm: null });
  });

  test('an axle that the setup leaves alone has no steps; dual wheels their gap', () => {
    const front = { ...kite, setups: [{ ...kite.setups[0]!, rear: undefined }] };
    expect(sheetOf(front, 'a', STILL).steps.some(({ corner }) => corner?.startsWith('rear'))).toBe(false);
    const tender = demoJob('pallas-tender');
    expect(step(tender, 'a', 'read-dual-gap', 'rearLeft')!.expects!.figure).toBe('dualGapMm');
    expect(step(tender, 'a', 'read-dual-gap', 'frontLeft')).toBeUndefined();
  });

  test('a setup that there is not', () => expect(() => sheetOf(kite, 'z', STILL)).toThrow('there is no setup “z”'));
});

test.each<DemoName>(['brindle-kite', 'velder-two', 'orrin-haul', 'pallas-tender'])(
  'every step of %s has a name of its own, says what and why in a sentence',
  (name) => {
    const job = demoJob(name);
    for (const { id } of job.setups) {
      const { steps } = sheetOf(job, id, STILL);
      expect(new Set(steps.map((one) => `${one.corner} ${one.id}`)).size).toBe(steps.length);
      for (const { id: own, text, because } of steps) {
        expect(own).toMatch(/^[a-z0-9-]{1,60}$/);
        for (const said of [text, because]) expect(said).toMatch(/^[A-Z0-9].*[.?]$/);
      }
    }
  },
);
