import fc from 'fast-check';
import { nextTurn, pullFaults, pullOrder, pullVerdict, stretched, faultyPulls, leftOfStage } from './tightening';
import type { Tightening } from './tightening';
import type { TorqueRow } from './records';

const FIVE: Tightening = { joint: 'wheel', lugCount: 5, stagesNm: [55, 95, 110] };
const rowOf = ({ stage, fastener, nm }: { stage: number; fastener: number; nm: number }, at = 0): TorqueRow => ({
  joint: 'wheel',
  stage,
  fastener,
  nm,
  takenAt: new Date(Date.UTC(2026, 2, 2, 9, 0, at)).toISOString(),
});

// ISO 6789 (hand torque tools, type II class A: ±4 %), from memory; 10 % over: common practice, no source.
test.each([
  [105.5, 'under'],
  [105.6, 'within'],
  [110, 'within'],
  [114.4, 'within'],
  [114.5, 'over'],
  [121, 'over'],
  [121.1, 'stretched'],
] as const)('%d N·m at a stage of 110: %s', (nm, verdict) => expect(pullVerdict(nm, 110)).toBe(verdict));

// Five studs in star order: 1–3–5–2–4 (common practice, no source).
test('a stage goes round the star before the next one begins', () => {
  expect(pullOrder(5)).toEqual([1, 3, 5, 2, 4]);
  expect(pullOrder(12)).toHaveLength(12);
  const rows: TorqueRow[] = [];
  const seen: string[] = [];
  for (let turn = nextTurn(FIVE, rows); turn; turn = nextTurn(FIVE, rows)) {
    expect(pullFaults(FIVE, rows, turn)).toEqual([]);
    seen.push(`${turn.stage}:${turn.fastener}`);
    rows.push(rowOf(turn, rows.length));
  }
  expect(seen).toEqual([1, 2, 3].flatMap((stage) => [1, 3, 5, 2, 4].map((fastener) => `${stage}:${fastener}`)));
  expect(faultyPulls(FIVE, rows)).toEqual([]);
});

test('a pull too light is due again; the rest of the stage may go on', () => {
  const rows = [rowOf({ stage: 1, fastener: 1, nm: 40 })];
  expect(nextTurn(FIVE, rows)).toEqual({ stage: 1, fastener: 1, nm: 55 });
  expect(leftOfStage(FIVE, rows, 1)).toEqual([1, 3, 5, 2, 4]);
  const again = [...rows, rowOf({ stage: 1, fastener: 1, nm: 56 })];
  expect(nextTurn(FIVE, again)!.fastener).toBe(3);
});

test('a stage too early, another fastener than the next, and too much torque are told', () => {
  expect(pullFaults(FIVE, [], { stage: 2, fastener: 1, nm: 95 })).toEqual([{ kind: 'stage', dueStage: 1, left: 5 }]);
  expect(pullFaults(FIVE, [], { stage: 1, fastener: 2, nm: 55 })).toEqual([{ kind: 'order', dueFastener: 1 }]);
  expect(pullFaults(FIVE, [], { stage: 1, fastener: 1, nm: 62 })).toEqual([{ kind: 'stretched', stageNm: 55 }]);
  expect(pullFaults(FIVE, [], { stage: 7, fastener: 1, nm: 62 })).toEqual([]);
});

test('what an adapter’s own nuts got says nothing of the wheel', () => {
  const rows: TorqueRow[] = [{ ...rowOf({ stage: 1, fastener: 1, nm: 200 }), joint: 'adapter' }];
  expect([nextTurn(FIVE, rows)!.fastener, stretched(FIVE, rows)]).toEqual([1, []]);
  expect(stretched({ ...FIVE, joint: 'adapter' }, rows)).toEqual([1]);
});

test('whatever is pulled, the stages come to an end after the pulls that are due', () => {
  const pull = fc.record({
    stage: fc.integer({ min: 1, max: 3 }),
    fastener: fc.integer({ min: 1, max: 5 }),
    nm: fc.integer({ min: 10, max: 200 }),
  });
  fc.assert(
    fc.property(fc.array(pull, { maxLength: 40 }), (pulls) => {
      const rows = pulls.map(rowOf);
      let due = 0;
      for (let turn = nextTurn(FIVE, rows); turn; turn = nextTurn(FIVE, rows), due++) rows.push(rowOf(turn));
      expect(due).toBeLessThanOrEqual(15);
      for (const fastener of stretched(FIVE, rows))
        expect(pulls.some((one) => one.fastener === fastener && one.nm > FIVE.stagesNm[one.stage - 1]! * 1.1)).toBe(
          true,
        );
    }),
  );
});
