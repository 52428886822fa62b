import { forgetKept, keptFor } from './kept';

/** What counts how often it is worked out. */
function counting() {
  const made = jest.fn((thing: { name: string }) => ({ of: thing.name }));
  return { made, keptOf: keptFor(made) };
}

describe('what is kept', () => {
  afterEach(forgetKept);

  test('is worked out once for each thing, and is the same object from then on', () => {
    const { made, keptOf } = counting();
    const [wheel, tire] = [{ name: 'wheel' }, { name: 'tire' }];
    expect([keptOf(wheel), keptOf(tire), keptOf(wheel)]).toEqual([{ of: 'wheel' }, { of: 'tire' }, { of: 'wheel' }]);
    expect(keptOf(wheel)).toBe(keptOf(wheel));
    expect(made).toHaveBeenCalledTimes(2);
  });

  test('is of the thing itself, not of what it says', () => {
    const { made, keptOf } = counting();
    expect(keptOf({ name: 'wheel' })).not.toBe(keptOf({ name: 'wheel' }));
    expect(made).toHaveBeenCalledTimes(2);
  });

  test.each([[null], [undefined], [0], ['']])('is kept also where nothing came of it: %p', (nothing) => {
    const made = jest.fn(() => nothing);
    const keptOf = keptFor<object, typeof nothing>(made);
    const thing = {};
    expect([keptOf(thing), keptOf(thing)]).toEqual([nothing, nothing]);
    expect(made).toHaveBeenCalledTimes(1);
  });

  test('is not kept where working it out failed: it is tried again', () => {
    let fails = true;
    const keptOf = keptFor<object, string>(() => {
      if (fails) throw new RangeError('not measured');
      return 'measured';
    });
    const thing = {};
    expect(() => keptOf(thing)).toThrow('not measured');
    fails = false;
    expect(keptOf(thing)).toBe('measured');
  });

  test('is forgotten by all that keep, and worked out anew when it is asked for', () => {
    const [one, other] = [counting(), counting()];
    const thing = { name: 'wheel' };
    const before = one.keptOf(thing);
    other.keptOf(thing);
    forgetKept();
    expect(one.keptOf(thing)).toEqual(before);
    expect(one.keptOf(thing)).not.toBe(before);
    other.keptOf(thing);
    expect([one.made, other.made].map(({ mock }) => mock.calls.length)).toEqual([2, 2]);
  });

  test('may ask for what is kept of other things, and be forgotten meanwhile', () => {
    const inner = keptFor<object, number>(() => 7);
    const outer = keptFor<{ of: object }, number>(({ of }) => {
      const found = inner(of);
      forgetKept();
      return found + inner(of);
    });
    const thing = { of: {} };
    expect([outer(thing), outer(thing)]).toEqual([14, 14]);
  });
});
