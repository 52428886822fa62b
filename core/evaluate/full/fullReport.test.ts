import { evaluate } from '#core/evaluate';
import { changed, demoJob } from '../fixtures/jobs';
import { fullReport } from '.';

const kite = { ...demoJob('brindle-kite'), setups: demoJob('brindle-kite').setups.slice(0, 1) };
const written = (report: unknown): unknown => JSON.parse(JSON.stringify(report)) as unknown;

test('without anything asked for it is the report', () =>
  expect(written(fullReport(kite, {}))).toEqual(written(evaluate(kite))));
test('remedies and windows stand beside the verdicts, for either axle, and can be written out', () => {
  const report = fullReport(kite, { remedies: true, window: 'fixed' });
  const [setup] = report.setups;
  expect(setup!.verdict).toBe(evaluate(kite).setups[0]!.verdict);
  expect(setup!.remedies!.front.clears).toBe(true);
  for (const axle of ['front', 'rear'] as const) {
    const window = setup!.window![axle]!;
    expect(window.rows).toHaveLength(15);
    expect(window.offsetsMm).toEqual([-20, 100]);
    expect(window.rows.some(({ spans }) => spans.length > 0)).toBe(true);
  }
  expect(JSON.stringify(report)).not.toContain('undefined');
});
test('an axle without rim or offset has no window; a setup of nothing has no remedy either', () => {
  const bare = changed(kite, ['setups/a/front', {}]);
  const [setup] = fullReport(bare, { remedies: true, window: 'best-standard' }).setups;
  expect(setup!.window!.front).toBeNull();
  expect(setup!.remedies!.front).toMatchObject({ clears: true, parts: [], proposals: [] });
});
test('a car of which nothing was read: a window that says what is missing, and shows no row to hold against it', () => {
  const unread = { ...kite, vehicle: {} };
  const window = fullReport(unread, { window: 'fixed' }).setups[0]!.window!.front!;
  expect(window.missing).toEqual([
    'the present wheel and tire',
    'the gap to the fender',
    'the inner gap',
    'the arch gap',
    'how the wheel moves: the kind of suspension',
  ]);
});
test('brief contradictions stand in the report', () => {
  const both = changed(kite, ['brief/pokeMm', { min: 2, max: 8 }], ['brief/rules', { cover: 'eu-1009-2010' }]);
  expect(evaluate(both).brief.contradictions).toEqual([
    {
      path: 'brief.pokeMm.min',
      message: 'the face must stand proud of a fender that must cover it: no wheel does both',
    },
  ]);
  expect(evaluate(kite).brief.contradictions).toEqual([]);
});
