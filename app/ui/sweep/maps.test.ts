import { polygonArea } from 'd3';
import type { PoseGrid } from '#core/sweep';
import { clearanceMap, regionBelow, type Region } from './maps';

const [COLUMNS, ROWS] = [61, 41];
const spread = (count: number, from: number, to: number) =>
  Array.from({ length: count }, (_, i) => from + ((to - from) * i) / Math.max(1, count - 1));
const grid: PoseGrid = {
  steer: [-30, 30],
  travel: [-60, 70],
  steers: spread(COLUMNS, -30, 30),
  travels: spread(ROWS, -60, 70),
};
const filled = (of: (steer: number, travel: number) => number) =>
  Float32Array.from(grid.travels.flatMap((travel) => grid.steers.map((steer) => of(steer, travel))));
const area = (region: Region) => Math.abs(region.reduce((sum, ring) => sum + polygonArea(ring), 0));

test('in each pose the nearest part counts, and the one shortest of its own limit', () => {
  const map = clearanceMap(
    grid,
    [
      { id: 'near', map: filled(() => 8) },
      { id: 'strict', map: filled(() => 20) },
      { id: 'still', map: null },
    ],
    (id) => ({ near: 2, strict: 18 })[id] ?? 0,
  )!;
  expect([map.clearance[0], map.margin[0]]).toEqual([8, 2]);
  expect(clearanceMap(grid, [{ id: 'still', map: null }], () => 0)).toBeNull();
});

test.each([
  // A slope over steer that is below zero on so much of the map.
  [0, 0.5],
  [15, 0.75],
  [-15, 0.25],
  [40, 1],
  [-40, 0],
])('a region is as large as what lies below its level: shifted by %d', (shift, share) => {
  const map = clearanceMap(grid, [{ id: 'p', map: filled((steer) => steer - shift) }], () => 0)!;
  expect(area(regionBelow(map, map.clearance, 0))).toBeCloseTo(share, 1);
});

test('lies where it is: droop at the bottom, leading edge in to the left', () => {
  const map = clearanceMap(
    grid,
    [{ id: 'p', map: filled((steer, travel) => (steer < -20 && travel < -40 ? -5 : 5)) }],
    () => 0,
  )!;
  const [[ring]] = [regionBelow(map, map.clearance, 0)];
  for (const [right, up] of ring!) {
    expect(right).toBeLessThan(0.2);
    expect(up).toBeLessThan(0.2);
  }
});

test('an axle that does not steer still has a map one can see', () => {
  const straight: PoseGrid = { ...grid, steer: [0, 0], steers: [0] };
  const map = clearanceMap(
    straight,
    [{ id: 'p', map: Float32Array.from(straight.travels.map((travel) => 5 - travel)) }],
    () => 0,
  )!;
  expect(area(regionBelow(map, map.clearance, 0))).toBeCloseTo(0.5, 1);
  const still: PoseGrid = { ...straight, travel: [0, 0], travels: [0] };
  const one = clearanceMap(still, [{ id: 'p', map: Float32Array.from([-1]) }], () => 0)!;
  expect(area(regionBelow(one, one.clearance, 0))).toBeCloseTo(1, 1);
});
