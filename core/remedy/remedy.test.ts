import { BODY_WORK } from '#core/remedy';
import fc from 'fast-check';
import { sectionOf } from '#core/section';
import { OBSTACLE_KINDS, placePart, posedParts, sweep, type ObstacleKind, type SweepCase } from '#core/sweep';
import { USUAL_GEOMETRY } from '#core/suspension';
import { AFTERCARE, cutBack, RUNGS, rungsOf, leastOfPoint, WORK_CAUTIONS } from '.';

const section = sectionOf(
  { overallDiameterMm: 616, sectionWidthMm: 211.5, treadWidthMm: 175 },
  { rimWidthIn: 7.5, seatDiameterMm: 432, flangeMm: 12.7 },
);
const geometry = USUAL_GEOMETRY.strut;
const solid = { bodies: [{ section, centerOut: -40 }] };
const one = (parts: SweepCase['parts'] = []): SweepCase => ({ solid, parts, geometry, change: null });

describe('the ladder (reach and time: common practice, no source)', () => {
  test('gentlest first: each rung reaches further than the one before', () => {
    for (const rungs of Object.values(RUNGS))
      rungs.slice(1).forEach((rung, at) => expect(rung.reachMm).toBeGreaterThan(rungs[at]!.reachMm));
  });
  test('every kind of part has one, every kind of work its caution; only cuts are structural', () => {
    expect(Object.keys(RUNGS).sort()).toEqual(Object.keys(OBSTACLE_KINDS).sort());
    expect(Object.keys(WORK_CAUTIONS)).toEqual([...BODY_WORK]);
    expect(Object.keys(AFTERCARE)).toEqual([...BODY_WORK]);
    for (const { work, structural } of Object.values(RUNGS).flat()) if (structural) expect(work).toBe('cut');
    expect(WORK_CAUTIONS.cut).toContain('qualified body shop');
  });
  test('what moves with the wheel is not worked on, but for a hose that may be clipped elsewhere', () => {
    for (const [kind, { mount }] of Object.entries(OBSTACLE_KINDS))
      if (mount !== 'body' && kind !== 'brake-hose') expect(rungsOf({ kind: kind as ObstacleKind })).toEqual([]);
    expect(rungsOf({})).toEqual([]);
  });
  test('what clips or screws alone hold comes off, before anything is cut', () => {
    expect(rungsOf({ removable: true }).map(({ work }) => work)).toEqual(['remove']);
    expect(rungsOf({ kind: 'mud-flap', removable: true }).map(({ work }) => work)).toEqual([
      'move',
      'remove',
      'trimFlap',
    ]);
  });
});

const place = fc.record({
  out: fc.integer({ min: -200, max: 140 }),
  clock: fc.integer({ min: -130, max: 130 }),
  radius: fc.integer({ min: 300, max: 420 }),
});
const pointAt = ({ out, clock, radius }: { out: number; clock: number; radius: number }) => ({
  out,
  fwd: radius * Math.sin((clock * Math.PI) / 180),
  up: radius * Math.cos((clock * Math.PI) / 180),
});

describe('the least distance of one place over all poses', () => {
  const standing = posedParts({ geometry, change: null }, 'body');
  test('as a whole sweep has it, and the way out leads straight away', () => {
    fc.assert(
      fc.property(place, (at) => {
        const { out, fwd, up } = pointAt(at);
        const { mm, away } = leastOfPoint(one(), [out, fwd, up], standing);
        const part = placePart({ id: 'p', mount: 'body', points: [{ out, fwd, up }] }, null, geometry);
        expect(Math.abs(mm - sweep(one([part])).parts[0]!.clearanceMm)).toBeLessThan(0.15);
        expect(Math.hypot(...away)).toBeCloseTo(1, 6);
      }),
      { numRuns: 40, seed: 2 },
    );
  });
  test('a part that moves with the wheel: one look, whatever the lock', () => {
    const still = posedParts({ geometry, change: null }, 'knuckle');
    expect(still.map(({ placements }) => placements.length)).toEqual([1]);
    // Over the middle of the tread, which stands 40 mm in: 400 less the tire's radius.
    expect(leastOfPoint(one(), [-40, 0, 400], still).mm).toBeCloseTo(400 - 308, 2);
  });
});

describe('what must give at a part', () => {
  test('taken away, the part has its distance; what had it already stays where it is', () => {
    fc.assert(
      fc.property(place, place, fc.integer({ min: 2, max: 25 }), (from, to, more) => {
        const part = placePart({ id: 'p', mount: 'body', points: [pointAt(from), pointAt(to)] }, null, geometry);
        const before = sweep(one([part])).parts[0]!.clearanceMm;
        const { part: given, patch } = cutBack({ one: one(), part, targetMm: before + more, mostMm: 200 });
        expect(patch!.depthMm).toBeGreaterThan(0);
        const after = sweep(one([given])).parts[0]!.clearanceMm;
        // A straight edge that is bent in places may come nearer between two of them than in either.
        expect(after).toBeGreaterThan(before - 0.2);
        const far = cutBack({ one: one(), part, targetMm: before - 5, mostMm: 200 });
        expect([...far.part.xyz]).toEqual([...part.xyz]);
        expect(far.patch).toBeNull();
      }),
      { numRuns: 12, seed: 5 },
    );
  });
  test('one place: named as such, with nothing of it beside', () => {
    const part = placePart(
      { id: 'p', mount: 'body', points: [pointAt({ out: 60, clock: -100, radius: 330 })] },
      null,
      geometry,
    );
    const before = sweep(one([part])).parts[0]!.clearanceMm;
    const { patch, part: given } = cutBack({ one: one(), part, targetMm: before + 8, mostMm: 50 });
    expect(patch).toMatchObject({ single: true });
    expect(patch!.stretches).toHaveLength(1);
    expect(patch!.clockDeg[0]).toBeCloseTo(-100, 9);
    expect(patch!.depthMm).toBeCloseTo(8, 1);
    expect(sweep(one([given])).parts[0]!.clearanceMm).toBeCloseTo(before + 8, 0.9);
  });
});
