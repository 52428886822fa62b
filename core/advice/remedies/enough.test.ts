import type { Job } from '#core/job';
import { changed, setupOf, KITE } from '#support/jobs';
import { remediesOf } from '.';

describe('remedies', () => {
  const flap = (gapMm: number, more: object = {}): Job =>
    changed(
      KITE,
      [
        'vehicle/front/obstacles',
        [
          {
            id: 'flap',
            label: 'Mud flap',
            kind: 'mud-flap',
            gap: { surface: 'tread', clockDeg: -120, gapMm },
            ...more,
          },
        ],
      ],
      ['setups/a/front', { ...KITE.vehicle.front!.baseline, tire: { size: '235/75R15' }, stack: [] }],
      ['brief/pokeMm', { min: -100, max: 100 }],
      ['brief/limits', { inboardMm: 0, archMm: 0 }],
      ['vehicle/front/room/archGapMm', 250],
      ['brief/remedies', { trimFlap: true, remove: true }],
    );
  test('cutting back goes on where other poses ask for more than the first: a flap far short', () => {
    const found = remediesOf({ job: flap(52), setup: setupOf(flap(52), 'a'), axle: 'front' });
    const [part] = found.parts;
    expect(part!.needMm).toBeGreaterThan(35);
    const trim = part!.ladder.find(({ remedy }) => remedy.kind === 'work' && remedy.work === 'trimFlap')!;
    expect(trim.enough).toBe(true);
    expect(trim.remedy.kind === 'work' && trim.remedy.mm).toBeLessThan(80);
    const work = found.proposals.flatMap(({ remedies }) => remedies.map(({ remedy }) => remedy));
    expect(work).toContainEqual(expect.objectContaining({ kind: 'work', work: 'trimFlap' }));
    expect(found.proposals[0]!.aftercare.join()).toMatch(/Mud flap: refit its lowest clip or screw/);
  });
  test('a part that clips hold comes off: nothing is left to touch, and it is said what that leaves open', () => {
    const job = flap(52, { removable: true, leavesOpen: 'the sill behind the wheel' });
    const { proposals, parts } = remediesOf({ job, setup: setupOf(job, 'a'), axle: 'front' });
    const off = parts[0]!.ladder.find(({ remedy }) => remedy.kind === 'work' && remedy.work === 'remove')!;
    expect(off).toMatchObject({ enough: true, allowed: true, clearanceMm: null });
    expect(off.aftercare).toMatch(/leaves open: the sill behind the wheel/);
    expect(proposals[0]!.remedies[0]!.words).toBe('Mud flap: take it off');
  });
  test('where nothing helps the reasons are never an empty list', () => {
    const job = changed(
      flap(20),
      ['brief/remedies', {}],
      ['brief/rules', { spacers: 'never' }],
      ['brief/pokeMm', { min: -1, max: 1 }],
    );
    const { proposals, stuck } = remediesOf({ job, setup: setupOf(job, 'a'), axle: 'front' });
    expect(proposals).toEqual([]);
    expect(stuck.length).toBeGreaterThan(0);
  });
  test('heights over the ground by the loaded radius and the lift', () => {
    const lifted = changed(flap(52), ['setups/a/suspensionChange', { front: { kind: 'spring', mm: 30 } }]);
    const height = (job: Job) => remediesOf({ job, setup: setupOf(job, 'a'), axle: 'front' }).parts[0]!.groundMm!;
    expect(height(flap(52))).toBeCloseTo((0.96 * 733) / 2, 0);
    expect(height(lifted) - height(flap(52))).toBeCloseTo(30, 9);
  });
});
