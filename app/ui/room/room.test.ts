import fc from 'fast-check';
import { placementOf, toCorner } from '#core/kinematics';
import { sectionOf, SURFACES, surfacePoint } from '#core/section';
import { USUAL_GEOMETRY } from '#core/suspension';
import { gapPoint, type SweptSolid, type Obstacle } from '#core/sweep';
import { checkJob } from '#formats/job';
import { PROJECT } from '../space/views';
import {
  asGap,
  asPoints,
  copiedToSide,
  draftFromPlan,
  draftOf,
  draftOfKind,
  freePartId,
  KIND_NAMES,
  partFrom,
} from './partDraft';
import { pointedAt } from '../space/pointedAt';

const SECTION = sectionOf(
  { overallDiameterMm: 616, sectionWidthMm: 211.5, treadWidthMm: 175.2 },
  { rimWidthIn: 7.5, seatDiameterMm: 432, flangeMm: 12.7 },
  {
    barrel: [
      { a: -107.95, r: 210 },
      { a: -50, r: 192 },
      { a: -15, r: 192 },
      { a: 65, r: 206 },
    ],
    spoke: [
      { a: 65, r: 200 },
      { a: 40, r: 75 },
    ],
    padMm: 40,
    assumed: false,
    barrelAssumed: false,
  },
);
const wheel: SweptSolid = { bodies: [{ section: SECTION, centerOut: -40 }] };
const read: Obstacle = {
  id: 'liner',
  kind: 'liner',
  label: 'Bulge',
  gap: { surface: 'tread', clockDeg: -100, gapMm: 20 },
};

describe('a part while it is being read', () => {
  test('is none until its gap, or every coordinate, is there', () => {
    const draft = draftOfKind('tank');
    expect(partFrom(draft, 'tank')).toBeNull();
    expect(partFrom({ ...draft, gap: { ...draft.gap, gapMm: 0 } }, 'tank')).toMatchObject({ id: 'tank', kind: 'tank' });
    const points = {
      ...draft,
      gap: undefined,
      points: [
        { out: 1, fwd: 2, up: 3 },
        { out: 4, fwd: 5 },
      ],
    };
    expect(partFrom(points, 'tank')).toBeNull();
    expect(partFrom({ ...points, points: points.points.slice(0, 1) }, 'tank')!.points).toEqual([
      { out: 1, fwd: 2, up: 3 },
    ]);
    expect(partFrom({ ...points, points: [] }, 'tank')).toBeNull();
  });
  test('begins from the plan with its place and pose, and comes back from the job as it was', () => {
    const item = {
      kind: 'frame',
      surface: 'inner-shoulder',
      clockDeg: -70,
      steerDeg: 38,
      lock: 'out',
      toward: 'in',
      where: '',
      readId: null,
      furtherMm: 3,
    } as const;
    expect(draftFromPlan(item)).toEqual({
      id: null,
      kind: 'frame',
      label: 'Frame',
      gap: { surface: 'inner-shoulder', clockDeg: -70, steerDeg: 38 },
    });
    expect(partFrom(draftOf(read), 'liner')).toEqual(read);
  });
  test('what it becomes is what a job file takes, for every kind', () => {
    const obstacles = Object.keys(KIND_NAMES).map((kind) => {
      const draft = draftOfKind(kind as keyof typeof KIND_NAMES);
      return partFrom({ ...draft, gap: { ...draft.gap, gapMm: 12 } }, kind);
    });
    const job = { format: 'scoval.job', version: 1, vehicle: { front: { obstacles } }, setups: [{ id: 'a' }] };
    expect(checkJob(JSON.parse(JSON.stringify(job))).faults).toBeUndefined();
  });
  test('by coordinates and back: nothing that was typed either way is lost', () => {
    const toPoints = asPoints(draftOf(read));
    expect([toPoints.gap, toPoints.points, partFrom(toPoints, 'liner')]).toEqual([undefined, [{}], null]);
    const typed = { ...toPoints, points: [{ out: 5, fwd: -300 }] };
    const back = asGap(typed);
    expect(partFrom(back, 'liner')).toEqual(read);
    expect(asPoints(back).points).toEqual([{ out: 5, fwd: -300 }]);
    expect(asGap({ id: null, kind: 'tank', points: [{}] }).gap).toEqual({ surface: 'outer-shoulder', clockDeg: 0 });
  });
  test('ids are free ones, and a copy stands on its side alone', () => {
    expect(freePartId('liner', [])).toBe('liner');
    expect(freePartId('liner', [read, { ...read, id: 'liner-2' }])).toBe('liner-3');
    const copy = copiedToSide(read, 'left', [read]);
    expect(copy).toEqual({ ...read, id: 'liner-2', side: 'left' });
    expect(copy.gap).not.toBe(read.gap);
  });
});

describe('a click on the wheel', () => {
  const steered = fc.record({
    steerDeg: fc.integer({ min: -30, max: 30 }),
    travelMm: fc.integer({ min: -50, max: 60 }),
  });
  test('from outside says the clock angle at which it was made, wheels straight', () => {
    fc.assert(
      fc.property(fc.integer({ min: -179, max: 179 }), fc.constantFrom(...SURFACES), (clockDeg, surface) => {
        const placement = placementOf(USUAL_GEOMETRY.axle, { steerDeg: 0, travelMm: 0 });
        const at = toCorner(placement, gapPoint({ surface, clockDeg, gapMm: 0 }, wheel));
        expect(pointedAt({ view: 'side', flat: PROJECT.side(at), solid: wheel, placement })).toEqual({ clockDeg });
      }),
    );
  });
  test('from behind says the place on the section, at the top of the wheel', () => {
    const placement = placementOf(USUAL_GEOMETRY.axle, { steerDeg: 0, travelMm: 0 });
    for (const surface of SURFACES) {
      const at = toCorner(placement, gapPoint({ surface, clockDeg: 0, gapMm: 1 }, wheel));
      expect(pointedAt({ view: 'behind', flat: PROJECT.behind(at), solid: wheel, placement })).toEqual({ surface });
    }
    const { a, r } = surfacePoint(SECTION, 'tread');
    expect(pointedAt({ view: 'above', flat: [a - 40, r], solid: wheel, placement })).toEqual({ surface: 'tread' });
  });
  test('far off the wheel says nothing, in any pose', () => {
    fc.assert(
      fc.property(steered, (pose) => {
        const placement = placementOf(USUAL_GEOMETRY.strut, pose);
        expect(pointedAt({ view: 'side', flat: [900, 900], solid: wheel, placement })).toBeNull();
        expect(pointedAt({ view: 'behind', flat: [900, 900], solid: wheel, placement })).toBeNull();
      }),
    );
  });
});
