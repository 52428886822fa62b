import { evaluateSetup, MAKES_DIFFER_PCT, NO_SWEEPS, type Check } from '#core/evaluate';
import { applyEdits, type Edit, type Job } from '#core/job';
import { SIGMAS_95 } from '#core/uncertainty';
import { EXAMPLE } from '#support/jobs';

const set = (path: string, value: unknown): Edit => ({ op: 'set', path: path.split('/'), value });
const changed = (...edits: Edit[]): Job => applyEdits(EXAMPLE, edits);
const front = (job: Job, id = 'b') =>
  evaluateSetup(
    job,
    job.setups.find((setup) => setup.id === id)!,
    { sweeps: NO_SWEEPS },
  ).front;
const check = (job: Job, code: string): Check => front(job).checks.find((one) => one.code === code)!;

/** A seeded stream of standard normal numbers: mulberry32 and Box–Muller. */
function normals(seed: number): () => number {
  let state = seed;
  const uniform = () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  return () => Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
}

describe('how sure a check is', () => {
  test('the room’s ± alone, where the rims are widest', () => {
    // Worked by hand: setup a’s rim is wider than its tire; the present tire is wider than its rim, 195/60R15 on 6 in:
    // 201 mm wide, 3 % of it, half: 3.0 mm.
    const found = front(EXAMPLE, 'a').checks.find(({ code }) => code === 'inboard')!;
    const { sectionWidthMm } = { sectionWidthMm: 195 + 0.4 * (152.4 - 0.7 * 195) };
    expect(found.plusMinus).toBeCloseTo(Math.hypot(1.5, (sectionWidthMm * MAKES_DIFFER_PCT.section) / 200), 9);
  });
  test('the last reading’s own ± wins over the room’s', () => {
    const reading = {
      key: 'room.inboardGapMm',
      value: 22,
      uncertaintyMm: 0.5,
      instrument: 'steel-rule',
      takenAt: '2026-03-01T09:30:00Z',
    };
    const wide = check(EXAMPLE, 'inboard').plusMinus!;
    const fine = check(changed(set('vehicle/front/readings', [reading])), 'inboard').plusMinus!;
    expect(wide ** 2 - fine ** 2).toBeCloseTo(1.5 ** 2 - 0.5 ** 2, 9);
    const withdrawn = changed(set('vehicle/front/readings', [{ ...reading, withdrawn: true }]));
    expect(check(withdrawn, 'inboard').plusMinus).toBeCloseTo(wide, 12);
  });
  test('a ± nobody gave is a tape’s, and named as assumed', () => {
    const job = changed({ op: 'clear', path: ['vehicle', 'front', 'room', 'uncertaintyMm'] });
    expect(front(job).assumed).toContain('vehicle.front.room.uncertaintyMm');
    expect(check(job, 'arch').working.join('\n')).toMatch(/fender clearance ±1\.5 \(assumed\)/);
    expect(front(EXAMPLE).assumed).not.toContain('vehicle.front.room.uncertaintyMm');
  });
  test('uncertainties of zero make it certain', () => {
    const tire = { size: '215/45R17', sectionWidthMm: 218, overallDiameterMm: 626 };
    const job = changed(
      set('vehicle/front/room/uncertaintyMm', 0),
      set('setups/b/front/tire', tire),
      set('vehicle/front/baseline/tire', tire),
      set('setups/b/front/wheel/rimWidthIn', 6),
    );
    const found = check(job, 'inboard');
    expect(found.plusMinus).toBe(0);
    expect([0, 1]).toContain(found.probability);
    expect([0, 1]).toContain(found.touchProbability);
  });
  test('what is not known has no ±, and what is no clearance does not touch', () => {
    const job = changed({ op: 'clear', path: ['vehicle', 'front', 'room', 'inboardGapMm'] });
    expect(check(job, 'inboard')).toMatchObject({ plusMinus: null, probability: null, touchProbability: null });
    expect(check(EXAMPLE, 'fender').touchProbability).toBeNull();
    expect(check(EXAMPLE, 'rim-width').probability).toBeNull();
  });
  test('it stands in the report, with its working', () => {
    const written = JSON.parse(JSON.stringify(front(EXAMPLE))) as { checks: Check[] };
    const found = written.checks.find(({ code }) => code === 'inboard')!;
    expect(found.probability).toBeGreaterThan(0.9);
    expect(found.working.join('\n')).toMatch(/±\d\.\d mm at 95 %: root of the sum of squares of inner clearance ±1\.5/);
    expect(found.working.join('\n')).toMatch(
      /most helpful to measure: half the section of the new tire; exact, it would leave ±3\.\d mm/,
    );
  });
  test('closed form against 4 000 cars drawn with a fixed seed', () => {
    const job = changed(
      set('brief/limits/inboardMm', 13),
      set('brief/pokeMm', { min: null, max: -5 }),
      set('brief/limits/archMm', 88),
    );
    const normal = normals(20261125);
    const base = job.vehicle.front!;
    const { tire } = front(job);
    const now = { sectionWidthMm: 195 + 0.4 * (152.4 - 0.7 * 195), overallDiameterMm: 615 };
    const draw = (mean: number, plusMinus: number) => mean + (plusMinus / SIGMAS_95) * normal();
    const counts = { fender: 0, inboard: 0, arch: 0 };
    const runs = 4000;
    for (let run = 0; run < runs; run++) {
      const drawn = applyEdits(job, [
        set('vehicle/front/room/outboardGapMm', draw(base.room!.outboardGapMm!, 1.5)),
        set('vehicle/front/room/inboardGapMm', draw(base.room!.inboardGapMm!, 1.5)),
        set('vehicle/front/room/archGapMm', draw(base.room!.archGapMm!, 1.5)),
        set('vehicle/front/baseline/tire/sectionWidthMm', draw(now.sectionWidthMm, now.sectionWidthMm * 0.03)),
        set('vehicle/front/baseline/tire/overallDiameterMm', draw(now.overallDiameterMm, 6.15)),
        set('setups/b/front/tire/sectionWidthMm', draw(tire.sectionWidthMm!, tire.sectionWidthMm! * 0.03)),
        set('setups/b/front/tire/overallDiameterMm', draw(tire.overallDiameterMm!, tire.overallDiameterMm! * 0.01)),
      ]);
      for (const one of front(drawn).checks)
        if (one.code in counts && one.margin! >= 0) counts[one.code as keyof typeof counts] += 1;
    }
    for (const [code, count] of Object.entries(counts)) {
      const { probability } = check(job, code);
      // Three standard errors of a share from 4 000 draws, and a little where a rim becomes the widest part.
      expect(Math.abs(count / runs - probability!)).toBeLessThan(3 * Math.sqrt(0.25 / runs) + 0.02);
      expect(probability).toBeGreaterThan(0.02);
      expect(probability).toBeLessThan(0.98);
    }
  });
});
