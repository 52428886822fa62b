import fc from 'fast-check';
import { ownSearch, pairIn, poseIn, poseText, searchAfter, searchFor, sightIn, wordIn } from './sight';

const sight = (search: string) => sightIn(new URLSearchParams(search));

describe('what an address shows', () => {
  test.each([
    ['', { axle: 'front', side: 'right', setupId: null }],
    ['?axle=rear&side=left&setup=b', { axle: 'rear', side: 'left', setupId: 'b' }],
    ['?axle=middle&side=up', { axle: 'front', side: 'right', setupId: null }],
    ['?setup=', { axle: 'front', side: 'right', setupId: null }],
    ['?axle=REAR', { axle: 'front', side: 'right', setupId: null }],
  ])('%s', (search, shown) => expect(sight(search)).toEqual(shown));

  test.each([
    [['a', 'b'] as const, 'b', 'b'],
    [['a', 'b'] as const, 'c', null],
    [['a', 'b'] as const, null, null],
  ])('a word of %j: %s', (words, given, found) => expect(wordIn(words, given)).toBe(found));
});

describe('another sight', () => {
  test.each<[string, Record<string, string | null>, string]>([
    ['', { axle: 'rear' }, '?axle=rear'],
    ['?axle=rear', { axle: null }, ''],
    // What both look at stands first, in one order.
    ['?view=tire&setup=b', { axle: 'rear' }, '?axle=rear&setup=b&view=tire'],
    // A dialog stands over what it was opened for.
    ['?view=tire&open=sizes', { setup: 'c' }, '?setup=c&view=tire'],
    ['?view=tire', { open: 'sizes' }, '?view=tire&open=sizes'],
    ['?view=tire&open=sizes', { open: null }, '?view=tire'],
    // A part, a pose, a wheel and a place are of their corner; a setup of any.
    ['?part=liner&pose=12%2C40&beside=remedies', { axle: 'rear' }, '?axle=rear&beside=remedies'],
    ['?part=liner&wheel=setup%3Aa', { side: 'left' }, '?side=left'],
    ['?part=liner&pose=12%2C40', { setup: 'b' }, '?setup=b&part=liner&pose=12%2C40'],
  ])('%s, %j', (search, change, after) => expect(searchAfter(search, change)).toBe(after));

  test('a station is left with what is its own, and entered with what all look at', () => {
    const left = ownSearch('?axle=rear&setup=b&view=parts&part=liner&open=new-wheel');
    expect(left).toBe('?view=parts&part=liner');
    expect(searchFor('?setup=c&side=left&view=tire', left)).toBe('?setup=c&side=left&view=parts&part=liner');
    expect(searchFor('?view=tire', '')).toBe('');
  });

  test('a change is there afterwards, made once is made, and undone is as before', () => {
    const name = fc.constantFrom('axle', 'side', 'setup', 'view', 'fields', 'beside', 'open');
    const value = fc.string({ minLength: 1, maxLength: 12 });
    const change = fc.dictionary(name, fc.option(value), { minKeys: 1, maxKeys: 4 });
    fc.assert(
      fc.property(change, change, (first, next) => {
        const before = searchAfter('', first);
        const after = searchAfter(before, next);
        const params = new URLSearchParams(after);
        for (const [key, given] of Object.entries(next)) expect(params.get(key)).toBe(given);
        expect(searchAfter(after, next)).toBe(after);
      }),
    );
  });
});

describe('figures of an address', () => {
  test.each([
    ['12,40', [12, 40]],
    ['-12.5,0.25', [-12.5, 0.25]],
    ['12', null],
    ['12,40,1', null],
    ['1e5,2', null],
    ['Infinity,2', null],
    ['', null],
    [' 1,2', null],
    [null, null],
  ])('%s', (given, pair) => expect(pairIn(given)).toEqual(pair));

  test('a pose comes back as it was, to a hundredth', () => {
    const figure = (most: number) => fc.double({ min: -most, max: most, noNaN: true });
    fc.assert(
      fc.property(figure(60), figure(300), (steerDeg, travelMm) => {
        const read = poseIn(poseText({ steerDeg, travelMm }))!;
        expect(read.steerDeg).toBeCloseTo(steerDeg, 1);
        expect(Math.abs(read.travelMm - travelMm)).toBeLessThanOrEqual(0.005 + 1e-9);
      }),
    );
  });
});
