import { brakeRoom, type AxialPoint } from '#core/brake';
import type { ShelfItem } from '#core/shelf';
import { KITE } from '#support/jobs';
import { wholeRows } from './figures';
import { brakeScene, nearPlaces } from './scene';
import { PRESENT, setupKey, setupOf, STORE, subjectsOf, wheelPath } from './subjects';

const at = (a: number, r: number): AxialPoint => ({ a, r });
const gale: ShelfItem = {
  kind: 'wheel',
  name: 'Gale',
  maker: 'Fenwold',
  rimDiameterIn: 17,
  rimWidthIn: 7.5,
  offsetMm: 40,
};
const ring: ShelfItem = { kind: 'ring', name: 'ring' };

describe('wheels that may be held over a brake', () => {
  const subjects = subjectsOf(KITE, 'front', [ring, gale]);
  test('setups first, then the car, then the shelf; nothing that is no wheel', () => {
    expect(subjects.map(({ key }) => key)).toEqual([
      'setup:a',
      'setup:b',
      'setup:c',
      'setup:d',
      PRESENT,
      `${STORE}Fenwold Gale`,
    ]);
    expect(subjects[1]!.stack.some(({ thicknessMm }) => thicknessMm === 5)).toBe(true);
    expect(subjects.at(-1)!.stack).toEqual([]);
  });
  test('each knows its place in the job, and a wheel on the shelf has none', () => {
    expect(wheelPath(subjects[0]!, 'rear')).toEqual(['setups', 'a', 'rear', 'wheel']);
    expect(wheelPath(subjects[4]!, 'front')).toEqual(['vehicle', 'front', 'baseline', 'wheel']);
    expect(wheelPath(subjects[5]!, 'front')).toBeNull();
    expect(setupOf(subjects[1]!, KITE)!.id).toBe('b');
    expect(setupOf(subjects[5]!, KITE)).toBeNull();
    expect(subjects[0]!.key).toBe(setupKey('a'));
  });
  test('an item gives the same wheel each time, so that what is found of its face is kept', () => {
    expect(subjectsOf(KITE, 'front', [gale]).at(-1)!.wheel).toBe(subjects.at(-1)!.wheel);
  });
});

describe('the half section', () => {
  const outline = [at(-30, 150), at(40, 150), at(40, 95), at(-30, 95)];
  const face = {
    barrel: [at(20, 196), at(-110, 200)],
    spoke: [at(48, 80), at(44, 190)],
    weights: [{ fromMm: -80, toMm: -40, heightMm: 5 }],
  };
  test('the wheel stands out by its stack, the brake where it is; either way along', () => {
    const scene = brakeScene({ outline, face, stackMm: 7, backspacingMm: 148 });
    expect(scene.spoke![0]!.a).toBe(55);
    expect(scene.barrel![1]!.a).toBe(-103);
    expect(scene.weights[0]![0]!.a).toBe(-73);
    expect(scene.outline).toBe(outline);
    expect(scene.flangeA).toBe(-141);
    // The metal runs from the back flange over the rim to the hub.
    expect(scene.metal!.slice(0, 4).map(({ a }) => a)).toEqual([-103, 27, 51, 55]);
  });
  test('all that is drawn lies within the paper', () => {
    const scene = brakeScene({ outline, face, stackMm: 0, backspacingMm: 148 });
    for (const { a, r } of [...outline, ...face.barrel, ...face.spoke]) {
      expect(a).toBeGreaterThan(scene.range.left);
      expect(a).toBeLessThan(scene.range.right);
      expect(r).toBeLessThan(scene.range.top);
    }
  });
  test('without a brake, or without a face, there is paper and nothing on it', () => {
    expect(brakeScene({ outline: undefined, face: undefined, stackMm: 0, backspacingMm: null })).toMatchObject({
      outline: null,
      barrel: null,
      spoke: null,
      metal: null,
      flangeA: null,
    });
  });
  test('the nearest places are those that are known', () => {
    expect(nearPlaces(brakeRoom(outline, face, 0)).map(({ part }) => part)).toEqual(['spoke', 'barrel', 'weight']);
    expect(nearPlaces(brakeRoom(outline, { spoke: face.spoke }, 0)).map(({ part }) => part)).toEqual(['spoke']);
  });
});

test('rows are whole once every figure is there', () => {
  expect(
    wholeRows(
      [
        { a: 1, r: 2 },
        { a: 0, r: 0 },
      ],
      ['a', 'r'],
    ),
  ).toHaveLength(2);
  expect(wholeRows([{ a: 1 }], ['a', 'r'])).toBeNull();
  expect(wholeRows([], ['a', 'r'])).toEqual([]);
});
