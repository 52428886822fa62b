import { evaluate, evaluateSetup, NO_SWEEPS } from '#core/evaluate';
import type { Corner } from '#core/fitting';
import { changed, demoJob } from '#support/jobs';
import { beginFitting } from './begin';
import { sheetOf, stepsOfFitting, type SheetOptions } from './sheet';
import { tighteningsOf } from './tightenings';

const whole = demoJob('brindle-kite');
const kite = { ...whole, setups: whole.setups.slice(0, 2) };
/** Where the parts around the wheel are not asked for. */
const STILL = { sweeps: NO_SWEEPS };
const begun = (
  corners: Partial<Record<Corner, string>>,
  kind: 'mock-up' | 'final' = 'final',
  options: SheetOptions = STILL,
) => beginFitting(kite, { id: 'f1', kind, startedAt: '2026-03-02T08:40:00Z', odometerKm: 61240, corners }, options);
const stepsOf = (...args: Parameters<typeof begun>) => stepsOfFitting(kite, begun(...args), STILL);

test('a fitting keeps what is predicted of each corner, and measured figures are held against it', () => {
  const fitting = begun({ frontRight: 'b' }, 'final', {});
  expect(fitting).toMatchObject({ id: 'f1', kind: 'final', odometerKm: 61240 });
  const { predicted = [] } = fitting.corners.frontRight!;
  const { pokeMm } = evaluateSetup(kite, kite.setups[1]!, STILL).front;
  expect(predicted.find(({ figure }) => figure === 'pokeMm')!.valueMm).toBe(pokeMm);
  expect(predicted.some(({ valueMm }) => valueMm === null)).toBe(false);
  // The nearest parts in their own poses, and every part straight ahead.
  const parts = predicted.filter(({ figure }) => figure.startsWith('obstacle:'));
  expect(new Set(parts.map(({ figure }) => figure)).size).toBe(kite.vehicle.front!.obstacles!.length);
  expect(parts.some(({ steerDeg }) => steerDeg)).toBe(true);
  // A later edit does not rewrite it.
  const moved = changed(kite, ['setups/b/front/wheel/offsetMm', 0]);
  const corner = { ...fitting.corners.frontRight!, measured: [{ figure: 'pokeMm' as const, valueMm: 0 }] };
  const [row] = evaluate({ ...moved, fittings: [{ ...fitting, corners: { frontRight: corner } }] }, STILL).fittings[0]!
    .corners.frontRight!.compared;
  expect(row!.predictedMm).toBe(pokeMm);
});

test('one setup all round: the steps of its sheet', () => {
  const all = { frontLeft: 'b', frontRight: 'b', rearLeft: 'b', rearRight: 'b' };
  expect(stepsOf(all).map(({ id, corner }) => [corner, id])).toEqual(
    sheetOf(kite, 'b', STILL).steps.map(({ id, corner }) => [corner, id]),
  );
});

test('another setup left than right: each corner asks for its own, the car is asked once', () => {
  const steps = stepsOf({ frontLeft: 'a', frontRight: 'b' });
  const at = (corner: Corner) => steps.filter((step) => step.corner === corner);
  expect([at('frontLeft')[0]!.setup, at('frontRight')[0]!.setup]).toEqual(['a', 'b']);
  expect(steps.some(({ corner }) => corner?.startsWith('rear'))).toBe(false);
  expect(steps.filter(({ id }) => id === 'car-safe')).toHaveLength(1);
  // What goes where is another thing for each of the two.
  expect(steps.filter(({ id }) => id === 'parts-laid-out-front').map(({ keptAt }) => keptAt)).toEqual([
    'frontLeft',
    'frontRight',
  ]);
  const names = steps.map(({ keptAt, id, corner }) => `${keptAt} ${corner} ${id}`);
  expect(new Set(names).size).toBe(names.length);
});

test('a mock-up is not torqued for the road, nor driven', () => {
  const steps = stepsOf({ frontRight: 'b' }, 'mock-up');
  const ids = steps.map(({ id }) => id);
  for (const road of ['anti-seize', 'torque-after-settling', 'marks', 'balance', 'retorque', 'pressure-front'])
    expect(ids).not.toContain(road);
  expect(ids).toContain('read-poke');
  expect(tighteningsOf(steps)).toEqual([
    { joint: 'wheel', corner: 'frontRight', step: 'wheel-torque', lugCount: 4, stagesNm: [55] },
  ]);
});

test('stages of a final fitting, the last once more after settling; an adapter’s nuts before the wheel', () => {
  expect(tighteningsOf(stepsOf({ frontRight: 'b' }))).toEqual([
    { joint: 'wheel', corner: 'frontRight', step: 'wheel-torque', lugCount: 4, stagesNm: [55, 95, 110, 110] },
  ]);
  const adapter = { kind: 'bolt-on', thicknessMm: 25, torqueNm: 100, toLugCount: 5, toBoltCircleMm: 112 };
  const job = changed(kite, ['setups/b/front/stack', [adapter]]);
  const fitting = { kind: 'final' as const, corners: { frontRight: { setup: 'b' } } };
  expect(tighteningsOf(stepsOfFitting(job, fitting, STILL)).map(({ joint, lugCount }) => [joint, lugCount])).toEqual([
    ['adapter', 4],
    ['wheel', 5],
  ]);
});

test('a setup that is gone asks for nothing, and what is left begins', () => {
  expect(begun({ frontRight: 'zz' }).corners.frontRight).toEqual({ setup: 'zz' });
  expect(stepsOf({ frontRight: 'zz' })).toEqual([]);
});
