import fc from 'fast-check';
import { cornerRange, cornerSection, evaluateSetup, fitCandidate, NO_SWEEPS, wheelSection } from '#core/evaluate';
import { AXLES } from '#core/job';
import { demoJob } from '#support/jobs';
import { anchors } from './anchors';
import { fitScale } from './scale';
import { settleSlots, SLOT_NAMES, slotsOf, type Slot, type SlotSize, type Slots } from './slots';

const CARS = ['brindle-kite', 'orrin-haul', 'velder-two', 'pallas-tender'] as const;
/** As large as they are on a screen for a finger. */
const SIZES = Object.fromEntries(SLOT_NAMES.map((name) => [name, { width: 112, height: 58 }])) as Record<
  (typeof SLOT_NAMES)[number],
  SlotSize
>;

function boxOf({ x, y, anchor }: Slot, { width, height }: SlotSize) {
  const left = anchor === 'left' ? x : anchor === 'right' ? x - width : x - width / 2;
  return [left, y - height / 2, left + width, y + height / 2] as const;
}

/** How far two boxes lie over each other, the lesser of both ways. */
const overlap = (a: readonly number[], b: readonly number[]): number =>
  Math.min(Math.min(a[2]!, b[2]!) - Math.max(a[0]!, b[0]!), Math.min(a[3]!, b[3]!) - Math.max(a[1]!, b[1]!));

function expectApart(settled: Slots, sizes: Record<string, SlotSize>, paper: SlotSize): void {
  const boxes = SLOT_NAMES.flatMap((name) => (settled[name] ? [boxOf(settled[name], sizes[name]!)] : []));
  boxes.forEach((box, at) => {
    expect(box[0]).toBeGreaterThanOrEqual(0);
    expect(box[1]).toBeGreaterThanOrEqual(0);
    expect(box[2]).toBeLessThanOrEqual(paper.width);
    expect(box[3]).toBeLessThanOrEqual(paper.height);
    for (const other of boxes.slice(at + 1)) expect(overlap(box, other)).toBeLessThanOrEqual(0);
  });
}

test('whatever is settled lies apart and on the paper', () => {
  const slot = fc.record({
    x: fc.integer({ min: 0, max: 800 }),
    y: fc.integer({ min: 0, max: 500 }),
    anchor: fc.constantFrom('left', 'right', 'middle'),
  });
  const slots = fc.record(Object.fromEntries(SLOT_NAMES.map((name) => [name, slot])), { requiredKeys: [] });
  let settledOnce = 0;
  fc.assert(
    fc.property(slots, fc.integer({ min: 300, max: 1000 }), (given, width) => {
      const paper = { width, height: 540 };
      const settled = settleSlots({ slots: given as Slots, sizes: SIZES, paper });
      if (!settled) return;
      settledOnce += 1;
      expect(Object.keys(settled).sort()).toEqual(Object.keys(given).sort());
      expectApart(settled, SIZES, paper);
    }),
    // Few of them can be settled at all.
    { numRuns: 1000 },
  );
  expect(settledOnce).toBeGreaterThan(0);
});

test('a slot that nothing is in the way of stays where it is', () => {
  const slots: Slots = { tire: { x: 200, y: 200, anchor: 'middle' }, stack: { x: 400, y: 300, anchor: 'left' } };
  expect(settleSlots({ slots, sizes: SIZES, paper: { width: 800, height: 500 } })).toEqual(slots);
});

test('two in one place part; three hundred of one place do not fit, nor one that is wider than the paper', () => {
  const here: Slot = { x: 300, y: 250, anchor: 'middle' };
  const settled = settleSlots({
    slots: { tire: here, rim: here },
    sizes: { tire: { width: 30, height: 24 }, rim: { width: 30, height: 24 } },
    paper: { width: 600, height: 500 },
  });
  expect(settled?.tire).toEqual(here);
  expect(settled?.rim).not.toEqual(here);
  const all = Object.fromEntries(SLOT_NAMES.map((name) => [name, here])) as Slots;
  expect(settleSlots({ slots: all, sizes: SIZES, paper: { width: 600, height: 500 } })).toBeNull();
  expect(settleSlots({ slots: { tire: here }, sizes: SIZES, paper: { width: 100, height: 500 } })).toBeNull();
});

test.each(CARS)('%s: at a desk every field has its place on the drawing, on small and big wheels', (car) => {
  const job = demoJob(car);
  const size = { width: 824, height: 556 };
  for (const setup of job.setups)
    for (const axle of AXLES) {
      const corner = cornerSection(job.vehicle, axle);
      const subject = wheelSection(fitCandidate(job.vehicle, axle, setup[axle]));
      if (!subject.section) continue;
      const scale = fitScale(cornerRange(corner, subject, 0), size, { left: 120, right: 128, top: 10, bottom: 56 });
      const { archGapMm } = evaluateSetup(job, setup, { sweeps: NO_SWEEPS })[axle];
      const slots = slotsOf(anchors({ scale, corner, subject, archGapMm }));
      const sizes = Object.fromEntries(SLOT_NAMES.map((name) => [name, { width: 104, height: 44 }]));
      const paper = { width: size.width, height: size.height - 50 };
      const settled = settleSlots({ slots, sizes, paper });
      expect(settled).not.toBeNull();
      expectApart(settled!, sizes, paper);
    }
});
