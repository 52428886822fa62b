import { applyEdits, axleLikeOther, leftLikeRight, type Job, type VehicleAxle } from '#core/job';

const jobWith = (front: VehicleAxle, rear?: VehicleAxle): Job => ({
  format: 'scoval.job',
  version: 1,
  vehicle: { front, ...(rear ? { rear } : {}) },
  setups: [],
});
const FRONT: VehicleAxle = {
  hub: { lugCount: 5, boltCircleMm: 112, boreMm: 66.6, lipHeightMm: 9, fastener: { kind: 'bolt', thread: 'M14x1.5' } },
  baseline: { wheel: { rimDiameterIn: 17, rimWidthIn: 7.5, offsetMm: 45 }, tire: { size: '225/45R17' }, stackMm: 5 },
  room: { outboardGapMm: 12, inboardGapMm: 20, archGapMm: 60 },
};
const filled = (job: Job) => applyEdits(job, axleLikeOther(job, 'rear')).vehicle.rear;

describe('an axle like the other', () => {
  test('an empty one has hub, wheel, tire and spacer of the other; its gaps are its own', () =>
    expect(filled(jobWith(FRONT))).toEqual({ hub: FRONT.hub, baseline: FRONT.baseline }));
  test('what was given stays', () => {
    const rear = filled(jobWith(FRONT, { hub: { lipHeightMm: 7 }, baseline: { wheel: { rimWidthIn: 8.5 } } }));
    expect(rear).toMatchObject({ hub: { lipHeightMm: 7, boltCircleMm: 112 } });
    expect(rear?.baseline?.wheel).toEqual({ rimDiameterIn: 17, rimWidthIn: 8.5, offsetMm: 45 });
  });
  test.each<[string, VehicleAxle, object]>([
    [
      'a wheel given by its backspacing takes no offset',
      { baseline: { wheel: { backspacingMm: 150, backspacingConvention: 'overall' } } },
      { baseline: { wheel: { backspacingMm: 150, backspacingConvention: 'overall', rimDiameterIn: 17 } } },
    ],
    ['a hub with its own bolt count takes no circle and no bore', { hub: { lugCount: 4 } }, { hub: { lugCount: 4 } }],
    ['fasteners come together', { hub: { fastener: { kind: 'stud' } } }, { hub: { fastener: { kind: 'stud' } } }],
  ])('%s', (_, given, expected) => {
    const rear = filled(jobWith(FRONT, given));
    expect(rear).toMatchObject(expected);
    expect(rear?.baseline?.wheel?.offsetMm).toBe('baseline' in given ? undefined : 45);
    if (given.hub?.lugCount) expect([rear?.hub?.boltCircleMm, rear?.hub?.boreMm]).toEqual([undefined, undefined]);
    if (given.hub?.fastener) expect(rear?.hub?.fastener).toEqual({ kind: 'stud' });
  });
  test('nothing to take, nothing to change', () => {
    expect(axleLikeOther(jobWith({}), 'rear')).toEqual([]);
    expect(axleLikeOther(jobWith(FRONT, structuredClone(FRONT)), 'rear')).toEqual([]);
  });
});

test('the left side’s gaps as on the right, where it has none of its own', () => {
  const job = jobWith({ ...FRONT, left: { room: { archGapMm: 55 } } });
  expect(applyEdits(job, leftLikeRight(job, 'front')).vehicle.front?.left?.room).toEqual({
    outboardGapMm: 12,
    inboardGapMm: 20,
    archGapMm: 55,
  });
});
