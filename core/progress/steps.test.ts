import { atOnce, within, type Steps } from '.';

function* counting(to: number): Steps<string> {
  for (let n = 1; n <= to; n++) yield n / to;
  return `counted to ${to}`;
}

test('at one go: the outcome, whatever was yielded on the way', () => {
  expect(atOnce(counting(4))).toBe('counted to 4');
  expect(atOnce(counting(0))).toBe('counted to 0');
});
test('as a stretch of other work: its shares run over that stretch, its outcome comes back', () => {
  const outer = function* (): Steps<string> {
    const first = yield* within(counting(2), 0, 0.4);
    const second = yield* within(counting(2), 0.4, 0.6);
    return `${first}, ${second}`;
  };
  const steps = outer();
  const shares: number[] = [];
  let step = steps.next();
  for (; !step.done; step = steps.next()) shares.push(Number(step.value.toFixed(9)));
  expect(shares).toEqual([0.2, 0.4, 0.7, 1]);
  expect(step.value).toBe('counted to 2, counted to 2');
});
