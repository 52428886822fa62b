import { extent, polygonHull, range as d3range } from 'd3';
import fc from 'fast-check';
import { axleParts } from '#core/evaluate';
import { placementOf, toCorner } from '#core/kinematics';
import { tireOutline } from '#core/section';
import { USUAL_GEOMETRY } from '#core/suspension';
import { demoJob } from '#support/jobs';
import { extentOf, numbersOf, partAt, sceneOf } from './scene';
import { PROJECT, reaches, rimEdges, silhouettes, touchedPatch, type Flat, type ViewName } from './views';

const kite = demoJob('brindle-kite').vehicle;
const parts = axleParts(kite, 'front');
const wheel = parts.present!;
const REST = { steerDeg: 0, travelMm: 0 };
const still = { ...USUAL_GEOMETRY.strut, camberDeg: 0, camberGainDegPer100: 0 };
const span = (flats: Flat[], axis: 0 | 1) => {
  const [least, most] = extent(flats, (flat) => flat[axis]) as [number, number];
  return most - least;
};

describe('a wheel on the three drawings', () => {
  const { section, centerOut } = wheel.bodies[0]!;
  test('is as wide and as tall as it is, from every side', () => {
    const placement = placementOf(still, REST);
    const [behind] = silhouettes(wheel, placement, 'behind');
    const [side] = silhouettes(wheel, placement, 'side');
    const [above] = silhouettes(wheel, placement, 'above');
    const wide = 2 * Math.max(section.halfSectionMm, section.halfRimMm);
    expect(span(behind!, 0)).toBeCloseTo(wide, 0);
    expect(span(above!, 0)).toBeCloseTo(wide, 0);
    for (const [hull, axis] of [
      [behind, 1],
      [side, 0],
      [side, 1],
      [above, 1],
    ] as const)
      expect(span(hull!, axis)).toBeCloseTo(2 * section.radiusMm, 0);
    const [least] = extent(behind!, ([out]) => out) as [number, number];
    expect(least + wide / 2).toBeCloseTo(centerOut, 0);
  });
  test('is the hull of its points in every pose and direction (d3’s polygonHull)', () => {
    const around = [
      { a: -section.halfRimMm, r: section.rimRadiusMm },
      ...tireOutline(section, 5),
      { a: section.halfRimMm, r: section.rimRadiusMm },
    ].flatMap(({ a, r }) =>
      d3range(0, 2 * Math.PI, Math.PI / 60).map((t) => ({
        out: centerOut + a,
        fwd: r * Math.sin(t),
        up: r * Math.cos(t),
      })),
    );
    fc.assert(
      fc.property(
        fc.integer({ min: -35, max: 40 }),
        fc.integer({ min: -80, max: 90 }),
        fc.constantFrom('behind', 'side', 'above'),
        (steerDeg, travelMm, view) => {
          const placement = placementOf(USUAL_GEOMETRY.strut, { steerDeg, travelMm });
          const [drawn] = silhouettes(wheel, placement, view);
          const hull = polygonHull(around.map((point) => PROJECT[view](toCorner(placement, point))))!;
          for (const turn of d3range(0, 2 * Math.PI, 0.05)) {
            const reach = (flats: Flat[]) =>
              Math.max(...flats.map(([x, y]) => x * Math.cos(turn) + y * Math.sin(turn)));
            // Chords of 3 degrees stay behind their circle by 0.13 mm.
            expect(Math.abs(reach(drawn!) - reach(hull))).toBeLessThan(0.2);
          }
        },
      ),
      { numRuns: 20 },
    );
  });
  test('reaches as far along each direction as its outlines do, in every pose', () => {
    const poses = fc.tuple(fc.integer({ min: -35, max: 40 }), fc.integer({ min: -80, max: 90 }));
    fc.assert(
      fc.property(poses, ([steerDeg, travelMm]) => {
        const placement = placementOf(USUAL_GEOMETRY.strut, { steerDeg, travelMm });
        const drawn = (view: ViewName, axis: 0 | 1) => {
          const values = silhouettes(wheel, placement, view).flatMap((flats) => flats.map((flat) => flat[axis]));
          return [Math.min(...values), Math.max(...values)];
        };
        for (const [along, view, axis] of [
          ['out', 'behind', 0],
          ['fwd', 'above', 1],
          ['up', 'behind', 1],
        ] as const) {
          const reach = reaches(wheel, placement, along);
          for (const [at, value] of drawn(view, axis).entries()) expect(reach[at]).toBeCloseTo(value, 6);
        }
      }),
    );
  });
  test('steered out, its leading edge goes to the right of the drawing from above', () => {
    const [edge] = rimEdges(wheel, placementOf(still, { steerDeg: 30, travelMm: 0 }), 'above');
    const front = edge!.reduce((best, flat) => (flat[1] > best[1] ? flat : best));
    const rear = edge!.reduce((best, flat) => (flat[1] < best[1] ? flat : best));
    expect(front[0] - rear[0]).toBeGreaterThan(100);
  });
  test('a place where it touched lies on it, on every drawing', () => {
    const region = { clockDeg: [-110, -95] as [number, number], outMm: [50, 70] as [number, number] };
    for (const view of ['behind', 'side', 'above'] as const) {
      const patch = touchedPatch({ solid: wheel, region, placement: placementOf(still, REST), view });
      const [hull] = silhouettes(wheel, placementOf(still, REST), view);
      expect(patch.length).toBeGreaterThan(3);
      for (const axis of [0, 1] as const) {
        const [least, most] = extent(hull!, (flat) => flat[axis]) as [number, number];
        for (const flat of patch) {
          expect(flat[axis]).toBeGreaterThanOrEqual(least - 1);
          expect(flat[axis]).toBeLessThanOrEqual(most + 1);
        }
      }
    }
  });
});

describe('the parts of a corner', () => {
  const at = (steerDeg: number, travelMm: number, rise = 0) =>
    sceneOf({ axleParts: parts, side: 'right', pose: { steerDeg, travelMm }, bodyRiseMm: rise });
  const place = (scene: ReturnType<typeof at>, id: string) => scene.parts.find((part) => part.id === id)!.points[0]!;
  test('of the body stand still, those of the knuckle go along, a body lift raises the first alone', () => {
    expect(place(at(20, 30), 'liner')).toEqual(place(at(0, 0), 'liner'));
    const rest = place(at(0, 0), 'strut');
    const [out, fwd, up] = parts.parts.find(({ obstacle }) => obstacle.id === 'strut')!.placed!.xyz;
    const onWheel = { out: out!, fwd: fwd!, up: up! };
    const moved = toCorner(placementOf(parts.resolved.geometry!, { steerDeg: 0, travelMm: 30 }), onWheel);
    expect(place(at(0, 30), 'strut')).toEqual(moved);
    expect(moved.up).toBeGreaterThan(rest.up + 25);
    expect(place(at(25, 0), 'tie-rod-end').out).not.toBeCloseTo(place(at(0, 0), 'tie-rod-end').out, 0);
    expect(place(at(0, 0, 40), 'liner').up).toBeCloseTo(place(at(0, 0), 'liner').up + 40, 9);
    expect(place(at(0, 0, 40), 'strut')).toEqual(rest);
  });
  test('are numbered in their order, the assumed lip without a number', () => {
    expect(numbersOf(at(0, 0))).toEqual({ 'bumper-corner': 1, liner: 2, strut: 3, 'tie-rod-end': 4, frame: 5 });
  });
  test('one is found where it is drawn, none where there is none', () => {
    const scene = at(0, 0);
    const [x, y] = PROJECT.side(place(scene, 'liner'));
    expect(partAt({ scene, view: 'side', place: [x + 2, y - 3], within: 12 })).toBe('liner');
    expect(partAt({ scene, view: 'side', place: [x + 300, y + 300], within: 12 })).toBeNull();
  });
  test('the paper holds the wheel in every pose and every part', () => {
    fc.assert(
      fc.property(fc.integer({ min: -32, max: 38 }), (steerDeg) => {
        const scene = at(steerDeg, 0);
        const range = extentOf([wheel], [scene.placement], scene.parts);
        for (const [hull] of [
          silhouettes(wheel, scene.placement, 'behind'),
          silhouettes(wheel, scene.placement, 'above'),
        ])
          for (const [out] of hull!) {
            expect(out).toBeGreaterThan(range.out[0]);
            expect(out).toBeLessThan(range.out[1]);
          }
        for (const { points } of scene.parts)
          for (const { fwd, up } of points) {
            expect(fwd).toBeGreaterThan(range.fwd[0]);
            expect(fwd).toBeLessThan(range.fwd[1]);
            expect(up).toBeLessThan(range.up[1]);
          }
      }),
      { numRuns: 12 },
    );
  });
  test('nothing known is an empty sheet, not a fault', () => {
    const none = axleParts({}, 'front');
    const scene = sceneOf({ axleParts: none, side: 'left', pose: REST });
    expect(scene.parts).toEqual([]);
    expect(extentOf([], [], []).out).toEqual([-300, 300]);
  });
});
