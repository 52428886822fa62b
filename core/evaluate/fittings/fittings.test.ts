import { evaluate } from '#core/evaluate';
import type { FittedCorner, Fitting } from '#core/fitting';
import { clearancesAt } from '#core/sweep';
import { demoJob } from '#support/jobs';
import { candidateCase } from '../parts';

const whole = demoJob('brindle-kite');
const kite = { ...whole, setups: whole.setups.slice(0, 1) };
const [setup] = kite.setups;
const fitted = (corner: Omit<FittedCorner, 'setup'>, name: keyof Fitting['corners'] = 'frontRight'): Fitting => ({
  id: 'f1',
  kind: 'mock-up',
  startedAt: '2026-03-02T08:40:00Z',
  corners: { [name]: { setup: setup!.id, ...corner } },
});
const compared = (fitting: Fitting, corner: keyof Fitting['corners'] = 'frontRight') =>
  evaluate({ ...kite, fittings: [fitting] }).fittings[0]!.corners[corner]!.compared;
const report = evaluate(kite).setups[0]!;

test('a job without fittings says so', () => {
  expect(evaluate(kite).fittings).toEqual([]);
});

test('a kept prediction stands, whatever the setup has become', () => {
  const [poke] = compared(
    fitted({
      predicted: [{ figure: 'pokeMm', valueMm: -10, plusMinusMm: 2 }],
      measured: [{ figure: 'pokeMm', valueMm: -11.5 }],
    }),
  );
  expect(poke).toEqual({
    figure: 'pokeMm',
    predictedMm: -10,
    plusMinusMm: 2,
    measuredMm: -11.5,
    errorMm: -1.5,
    within: true,
  });
});

test('without one the setup as it is now is taken, with the ± of its check', () => {
  const rows = compared(
    fitted({
      measured: [
        { figure: 'pokeMm', valueMm: 40 },
        { figure: 'inboardGapMm', valueMm: 12 },
        { figure: 'brakeSpokeMm', valueMm: 4 },
        { figure: 'trueSpeedAt100', valueMm: 101 },
        { figure: 'rideHeightMm', valueMm: 640 },
      ],
    }),
  );
  const plusMinus = (code: string) => report.front.checks.find((check) => check.code === code)!.plusMinus;
  expect(rows.map(({ predictedMm, plusMinusMm }) => [predictedMm, plusMinusMm])).toEqual([
    [report.front.pokeMm, plusMinus('fender')],
    [report.front.inboardGapMm, plusMinus('inboard')],
    [report.front.brake.spokeMm, plusMinus('brake-spoke')],
    [report.front.trueSpeedAt100, null],
    [null, null],
  ]);
  expect(rows.map(({ within }) => within)).toEqual([false, true, true, null, null]);
});

test('a part is looked at in the pose that it was read in', () => {
  const pose = { steerDeg: -20, travelMm: 15 };
  const id = kite.vehicle.front!.obstacles![0]!.id;
  const rows = compared(
    fitted({
      predicted: [{ figure: `obstacle:${id}`, valueMm: 3, plusMinusMm: 1 }],
      measured: [
        { figure: `obstacle:${id}`, valueMm: 9, ...pose },
        { figure: `obstacle:${id}`, valueMm: 3.5 },
        { figure: 'obstacle:gone', valueMm: 3.5 },
      ],
    }),
  );
  // The kept one is of another pose: straight ahead, at rest.
  expect(rows[0]!.predictedMm).toBe(clearancesAt(candidateCase(kite, setup!, 'front')!, pose)[id]);
  expect(rows[1]!.predictedMm).toBe(3);
  expect(rows[2]).toMatchObject({ predictedMm: null, errorMm: null, within: null });
});

test('the left side has gaps of its own where they were read', () => {
  const vehicle = { ...kite.vehicle, front: { ...kite.vehicle.front!, left: { room: { outboardGapMm: 3 } } } };
  const uneven = {
    ...kite,
    vehicle,
    fittings: [fitted({ measured: [{ figure: 'pokeMm', valueMm: 0 }] }, 'frontLeft')],
  };
  const full = evaluate(uneven);
  const [row] = full.fittings[0]!.corners.frontLeft!.compared;
  expect(row!.predictedMm).toBe(full.setups[0]!.front.left!.pokeMm);
  expect(row!.predictedMm).not.toBe(full.setups[0]!.front.pokeMm);
});
