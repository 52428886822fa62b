import { viewWords } from './viewWords';

const part = (id: string, label: string, ...points: { out: number; fwd: number; up: number }[]) => ({
  id,
  label,
  assumed: false,
  edge: points.length > 1,
  points,
});
const text = (mm: number) => `${mm.toFixed(0)} mm`;
const liner = part('liner', 'Liner', { out: -40, fwd: 210, up: 210 });
const arm = part('arm', 'Arm', { out: 0, fwd: 0, up: 0 }, { out: 30, fwd: -90, up: -120 }, { out: 60, fwd: 0, up: 0 });

test.each([
  ['behind', 'Liner, touches: 40 mm inboard, 210 mm above the hub; Arm: 30 mm outboard, 120 mm below the hub'],
  ['side', 'Liner, touches: clock 45°, 297 mm from the hub; Arm: clock −143°, 150 mm from the hub'],
  ['above', 'Liner, touches: 40 mm inboard, 210 mm ahead; Arm: 30 mm outboard, 90 mm behind'],
] as const)('from %s: each part where that drawing shows it, and how it fares', (view, words) => {
  expect(viewWords({ view, parts: [liner, arm], verdicts: { liner: 'fail' }, text })).toBe(words);
});

test('without parts it says so', () => {
  expect(viewWords({ view: 'side', parts: [], verdicts: {}, text })).toBe('no parts yet');
});
