import { once } from './once';

test('is worked out when it is asked for, and then no more', () => {
  const work = jest.fn(() => ({ offsetMm: 35 }));
  const offset = once(work);
  expect(work).not.toHaveBeenCalled();
  expect(offset()).toEqual({ offsetMm: 35 });
  expect(offset()).toBe(offset());
  expect(work).toHaveBeenCalledTimes(1);
});

test.each([[null], [undefined], [0], ['']])('is kept also where nothing came of it: %p', (nothing) => {
  const work = jest.fn(() => nothing);
  const kept = once<typeof nothing>(work);
  expect([kept(), kept()]).toEqual([nothing, nothing]);
  expect(work).toHaveBeenCalledTimes(1);
});

test('is tried again where it failed', () => {
  let fails = true;
  const kept = once(() => {
    if (fails) throw new RangeError('not measured');
    return 'measured';
  });
  expect(kept).toThrow('not measured');
  fails = false;
  expect(kept()).toBe('measured');
});
