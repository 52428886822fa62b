import { readFileSync } from 'node:fs';
import { readJobFile } from '#formats/job';
import { evaluateSetup, RUN_SWEEPS } from '#core/evaluate';
import { RULES_VERSION, type Verdict } from '#core/verdict';
import { isCurrent, jobStanding, rulesMoved, stationProgress, waitsFor, type Standing } from '#core/standing';
import { EXAMPLE } from '#support/jobs';

const now = jobStanding(EXAMPLE);

describe('where a job stands', () => {
  test('its setups are counted by their verdicts, and each is named', () => {
    const counted = Object.values(now.verdicts).reduce((sum, count) => sum + count, 0);
    expect(counted).toBe(EXAMPLE.setups.length);
    expect(Object.keys(now.setups!)).toEqual(EXAMPLE.setups.map(({ id }) => id));
  });
  test('readings come before setups, setups before a decision', () => {
    expect(waitsFor(EXAMPLE)).toBe('decision');
    expect(waitsFor({ ...EXAMPLE, setups: [] })).toBe('setups');
    const decision = { setup: 'b', decidedAt: '2026-03-02T09:00:00Z' };
    expect(waitsFor({ ...EXAMPLE, decision })).toBe('parts');
    expect(waitsFor({ ...EXAMPLE, decision: { ...decision, setup: 'z' } })).toBe('decision');
    expect(waitsFor({ ...EXAMPLE, vehicle: { ...EXAMPLE.vehicle, front: {} } })).toBe('readings');
  });
  test.each(['brindle-kite', 'velder-two'])('%s: its verdicts are those of the bench', (name) => {
    const job = readJobFile(readFileSync(`demo/${name}.scoval.json`, 'utf8')).job!;
    const bench = job.setups.map((setup) => [setup.id, evaluateSetup(job, setup, { sweeps: RUN_SWEEPS }).verdict]);
    expect(jobStanding(job).setups).toEqual(Object.fromEntries(bench));
  });
  test('a job without a setup has none to judge', () =>
    expect(jobStanding({ ...EXAMPLE, setups: [] })).toMatchObject({ waitsFor: 'setups', setups: {} }));
  test('a station without a reading is not begun', () => {
    const bare = { ...EXAMPLE, vehicle: { label: 'x' } };
    expect(stationProgress(bare, 'hub').done).toBe(0);
    expect(stationProgress(EXAMPLE, 'hub').done).toBeGreaterThan(0);
  });
});

describe('what became of a verdict under other rules', () => {
  const kept = (setups: Record<string, Verdict> | undefined, verdicts = now.verdicts): Standing => ({
    ...now,
    rules: '2026.1',
    setups,
    verdicts,
  });
  const [id, is] = Object.entries(now.setups!)[0]!;
  const was: Verdict = is === 'fail' ? 'ok' : 'fail';

  test('what was kept under other rules is not current', () => {
    expect(isCurrent(now)).toBe(true);
    expect(isCurrent(kept(now.setups))).toBe(false);
    expect(isCurrent({ ...now, rules: undefined })).toBe(false);
  });
  test('the same verdicts are nothing to tell', () => expect(rulesMoved(kept(now.setups), now)).toBeNull());
  test('another verdict is told with what it was', () =>
    expect(rulesMoved(kept({ ...now.setups, [id]: was }), now)).toEqual({
      from: '2026.1',
      to: RULES_VERSION,
      was: now.verdicts,
      setups: [{ id, was, is }],
    }));
  test('a setup that came since is not told of', () => {
    const { [id]: _, ...others } = now.setups!;
    expect(rulesMoved(kept(others), now)).toBeNull();
  });
  test('where the setups were not written down the counts tell', () => {
    expect(rulesMoved(kept(undefined), now)).toBeNull();
    const other = { ...now.verdicts, [was]: now.verdicts[was] + 1 };
    expect(rulesMoved({ ...kept(undefined, other), rules: undefined }, now)).toMatchObject({
      from: '2026.1',
      setups: [],
    });
  });
});
