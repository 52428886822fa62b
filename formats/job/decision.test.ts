import { checkJob, faultLine } from '#formats/job';
import { example } from '#support/jobs';

const decision = { setup: 'b', decidedAt: '2026-03-02T09:00:00Z', by: 'MR', why: 'clears' };
const faultsOf = (value: unknown): string[] =>
  (checkJob({ ...example(), decision: value }).faults ?? []).map(faultLine);

test.each<[string, unknown, string[]]>([
  ['a whole one', { ...decision, against: [{ setup: 'a', why: 'rubs' }] }, []],
  ['for a setup that is not there', { ...decision, setup: 'z' }, ['decision.setup: there is no setup “z”']],
  [
    'against one that is not there',
    { ...decision, against: [{ setup: 'z', why: 'rubs' }] },
    ['decision.against[0].setup: there is no setup “z”'],
  ],
  ['without a day', { setup: 'b' }, ['decision.decidedAt: is missing']],
  ['against one without a reason', { ...decision, against: [{ setup: 'a' }] }, ['decision.against[0].why: is missing']],
])('a decision %s', (_, value, faults) => expect(faultsOf(value)).toEqual(faults));

test('a customer: what is known of them, and nothing else', () => {
  const of = (customer: unknown) => (checkJob({ ...example(), customer }).faults ?? []).map(faultLine);
  expect(of({ name: 'Ada Holt', contact: '0123', plate: 'AB 12 CD', vin: 'X'.repeat(17), odometerKm: 61240 })).toEqual(
    [],
  );
  expect(of({})).toEqual([]);
  expect(of({ name: 'x'.repeat(121) })).toEqual(['customer.name: is longer than 120 characters']);
  expect(of({ shoeSize: 43 })).toEqual(['customer.shoeSize: is not a known field']);
});
