import fc from 'fast-check';
import type { Corner, Mark } from '#core/fitting';
import type { Job } from '#core/job';
import { clearancesAt } from '#core/sweep';
import { demoJob, setupOf } from '#support/jobs';
import { candidateCase } from '../parts';
import { correctedByMark, partFromMark, partsAtMark, type MarkedCorner } from './marks';

const kite = demoJob('brindle-kite');
const at = (corner: Corner = 'frontRight', job: Job = kite): MarkedCorner => ({
  job,
  setup: setupOf(job, 'b'),
  corner,
});
type Place = Pick<Mark, 'surface' | 'clockDeg' | 'axialMm' | 'steerDeg' | 'travelMm'>;
/** How far a part is from the wheel in the pose of a mark, with the part as given. */
function clearance(mark: Place, part: NonNullable<NonNullable<Job['vehicle']['front']>['obstacles']>[number]): number {
  const front = kite.vehicle.front!;
  const others = front.obstacles!.filter(({ id }) => id !== part.id);
  const job = { ...kite, vehicle: { ...kite.vehicle, front: { ...front, obstacles: [...others, part] } } };
  const swept = candidateCase(job, setupOf(job, 'b'), 'front')!;
  return clearancesAt(swept, { steerDeg: mark.steerDeg ?? 0, travelMm: mark.travelMm ?? 0 })[part.id]!;
}
const parts = kite.vehicle.front!.obstacles!;

test('the parts of the side, the nearest to the mark first, with what was predicted in that very pose', () => {
  const mark: Place = { surface: 'inner-sidewall', clockDeg: 0, steerDeg: 0, travelMm: 0 };
  const found = partsAtMark(at(), mark);
  expect(found[0]!.id).toBe('strut');
  const swept = candidateCase(kite, setupOf(kite, 'b'), 'front')!;
  const clearances = clearancesAt(swept, { steerDeg: 0, travelMm: 0 });
  for (const { id, clearanceMm, fromMarkMm } of found) {
    expect(clearanceMm).toBe(clearances[id]);
    // No part is nearer to one place of a wheel than to the whole of it.
    expect(fromMarkMm).toBeGreaterThanOrEqual(clearanceMm - 0.05);
  }
  expect(found.map(({ fromMarkMm }) => fromMarkMm)).toEqual(
    found.map(({ fromMarkMm }) => fromMarkMm).sort((a, b) => a - b),
  );
});

test('a corrected reading has its part touch in the pose of the mark, whatever the mark', () => {
  const place = fc.record({
    part: fc.constantFrom(...parts.filter(({ gap }) => gap)),
    surface: fc.constantFrom('inner-sidewall' as const, 'inner-shoulder' as const, 'outer-shoulder' as const),
    clockDeg: fc.integer({ min: -170, max: 170 }),
    steerDeg: fc.integer({ min: -30, max: 30 }),
    travelMm: fc.integer({ min: -40, max: 60 }),
  });
  fc.assert(
    fc.property(place, ({ part, ...mark }) => {
      const corrected = correctedByMark(at(), mark, part);
      expect(Math.abs(clearance(mark, corrected))).toBeLessThan(0.1);
    }),
    { numRuns: 40 },
  );
});

test('a part of its own stands where the mark is: it touches there in that pose, on that side alone', () => {
  for (const mount of ['frame', 'strut', 'arm'] as const) {
    const mark: Place = { surface: 'outer-shoulder', clockDeg: -100, steerDeg: -25, travelMm: 20 };
    const part = partFromMark(at('frontLeft'), mark, { id: 'new', label: 'Liner edge', kind: mount });
    expect(part.side).toBe('left');
    expect(Math.abs(clearance(mark, part))).toBeLessThan(0.05);
  }
});

test('an edge gets one more corner where the mark is, and keeps its others', () => {
  const edge = {
    id: 'edge',
    kind: 'frame' as const,
    points: [
      { out: 200, fwd: -200, up: 300 },
      { out: 200, fwd: 200, up: 300 },
    ],
  };
  const mark: Place = { surface: 'outer-shoulder', clockDeg: 5, steerDeg: 0, travelMm: 0 };
  const corrected = correctedByMark(at(), mark, edge);
  expect(corrected.points).toHaveLength(3);
  expect([corrected.points![0], corrected.points![2]]).toEqual(edge.points);
  expect(clearance(mark, corrected)).toBeLessThan(0.05);
});

test('a mark beyond the edge of the tread is none on this wheel', () => {
  const mark: Place = { surface: 'tread', clockDeg: 0, axialMm: 400 };
  expect(() => partsAtMark(at(), mark)).toThrow('beyond the tread');
});

test('where nothing stands around the wheel a mark makes the first part', () => {
  const bare = {
    ...kite,
    vehicle: { ...kite.vehicle, front: { ...kite.vehicle.front!, obstacles: [], room: {} } },
  };
  const mark: Place = { surface: 'inner-sidewall', clockDeg: 90, steerDeg: 10, travelMm: 0 };
  expect(partsAtMark(at('frontRight', bare), mark)).toEqual([]);
  expect(partFromMark(at('frontRight', bare), mark, { id: 'new', label: '', kind: 'frame' }).points).toHaveLength(1);
});
