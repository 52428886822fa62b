import { applyEdits, customerText, decidedSetup, removeSetupEdits, withoutCustomer, type Decision } from '#core/job';
import { example } from '#support/jobs';

const decision: Decision = { setup: 'b', decidedAt: '2026-03-02T09:00:00Z', against: [{ setup: 'a', why: 'rubs' }] };
const job = { ...example(), decision };

test('the setup that was decided for, while it is there', () => {
  expect(decidedSetup(job)!.id).toBe('b');
  expect(decidedSetup(example())).toBeNull();
  expect(decidedSetup({ ...job, setups: [] })).toBeNull();
});

test('a setup that goes takes with it what was decided for it, or said against it', () => {
  expect(applyEdits(job, removeSetupEdits(job, 'b')).decision).toBeUndefined();
  const without = applyEdits(job, removeSetupEdits(job, 'a'));
  expect(without.decision).toEqual({ setup: 'b', decidedAt: decision.decidedAt });
  const three = { ...job, decision: { ...decision, against: [...decision.against!, { setup: 'c', why: 'dear' }] } };
  expect(removeSetupEdits(three, 'a')[0]).toEqual({
    op: 'set',
    path: ['decision', 'against'],
    value: [{ setup: 'c', why: 'dear' }],
  });
  expect(removeSetupEdits(example(), 'a')).toEqual([{ op: 'remove-setup', id: 'a' }]);
  expect(removeSetupEdits({ decision: { ...decision, against: undefined } }, 'a')).toHaveLength(1);
});

test('a customer is found by what is known, and stays behind', () => {
  const named = { ...job, customer: { name: 'Ada Holt', plate: 'AB 12 CD', odometerKm: 10 } };
  expect(customerText(named)).toBe('Ada Holt AB 12 CD AB12CD');
  const known = { customer: { plate: 'XY99', vin: 'XX0KT26W000012345' } };
  expect(customerText(known)).toBe('XY99 XX0KT26W000012345 00012345 0012345 012345 12345 2345');
  expect(customerText(job)).toBe('');
  expect(withoutCustomer(named)).toEqual(job);
});
