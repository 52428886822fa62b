import { PerspectiveCamera } from 'three';
import { evaluateSetup } from '#core/evaluate';
import { stanceScene, type ScenePlace } from '#core/stance';
import { formatLength } from '#core/units';
import { checkJob } from '#formats/job';
import { demoJob, setupOf } from '#support/jobs';
import { brokenLines } from './brokenLines';
import { cameraOf } from './cameras';
import { cornerWords } from './cornerWords';
import { marksOf, pokeWords } from './figureMarks';
import { seenBy } from './picture/seenBy';
import { pictureKeys } from './pictureKeys';
import { isSameSeen, labelPlaces, type SeenMark } from './seenMarks';
import { CAR_NOW, NOTHING, OTHER_AXLE, STANCE_VIEWS } from './sights';

const text = (mm: number) => formatLength(mm, 'mm');
const job = demoJob('brindle-kite');
const sceneOf = (id: string) => stanceScene(job, setupOf(job, id));
const reportOf = (id: string) => evaluateSetup(job, setupOf(job, id));
const corner = (id: string, axle: 'front' | 'rear', side: 'left' | 'right') =>
  sceneOf(id).corners.find((one) => one.axle === axle && one.side === side)!;

/** A camera of a view, as the canvas has it. */
function cameraFor(view: (typeof STANCE_VIEWS)[number], axle: 'front' | 'rear', side: 'left' | 'right') {
  const { hub } = corner('a', axle, side);
  const { from, at } = cameraOf(view, { axle, side, x: hub[0], z: hub[2] }, { wheelbaseMm: 2650, aspect: 1.5 });
  const camera = new PerspectiveCamera(30, 1.5, 40, 40_000);
  camera.position.set(...from);
  camera.lookAt(...at);
  return camera;
}
const SIZE = { width: 900, height: 600 };

describe('cameras', () => {
  test.each(STANCE_VIEWS)('%s: every corner is seen, from its own side, in the middle half of the picture', (view) => {
    for (const axle of ['front', 'rear'] as const)
      for (const side of ['left', 'right'] as const) {
        const camera = cameraFor(view, axle, side);
        expect(camera.position.y).toBeGreaterThan(300);
        const { lip, hub } = corner('a', axle, side);
        if (view === 'front' || view === 'rear' || view === 'behind') continue;
        const [seen] = seenBy(camera, SIZE, [
          { key: 'k', text: 'x', from: lip!, to: hub, out: side === 'right' ? 1 : -1 },
        ]);
        expect(seen!.from[0]).toBeGreaterThan(SIZE.width / 4);
        expect(seen!.from[0]).toBeLessThan((SIZE.width * 3) / 4);
        expect(seen!.from[1]).toBeGreaterThan(0);
        expect(seen!.from[1]).toBeLessThan(SIZE.height);
      }
  });
  test('left is the mirror image of right; a narrow picture is looked at from further away', () => {
    for (const view of STANCE_VIEWS) {
      const [one, other] = (['left', 'right'] as const).map((side) =>
        cameraOf(
          view,
          { axle: 'front', side, x: 0, z: side === 'right' ? 800 : -800 },
          { wheelbaseMm: 2650, aspect: 1 },
        ),
      );
      expect(one!.from.map((value, along) => (along === 2 ? -value || 0 : value))).toEqual(
        other!.from.map((value) => value || 0),
      );
      const wide = cameraOf(view, { axle: 'front', side: 'right', x: 0, z: 800 }, { wheelbaseMm: 2650, aspect: 2 });
      const away = ({ from, at }: typeof wide) => Math.hypot(...from.map((value, along) => value - at[along]!));
      expect(away(other!)).toBeGreaterThan(away(wide) * 1.3);
    }
  });
});

describe('figures on the picture', () => {
  const asked = { report: reportOf('d'), corners: sceneOf('d').corners, all: null, beside: null, name: 'D', text };
  test('poke at each corner, as evaluate has it, on a line as long', () => {
    const marks = marksOf(asked);
    expect(marks.map(({ key }) => key)).toEqual([
      'front-left-poke',
      'front-right-poke',
      'rear-left-poke',
      'rear-right-poke',
    ]);
    const rear = marks.find(({ key }) => key === 'rear-right-poke')!;
    const { pokeMm } = asked.report.rear;
    expect(rear.text).toBe(pokeWords(pokeMm!, text));
    expect(rear.to[2] - rear.from[2]).toBeCloseTo(pokeMm!, 1);
    expect(rear.from[1]).toBe(rear.to[1]);
  });
  test('the corner in hand has its fender clearance and the height of its fender too', () => {
    const marks = marksOf({ ...asked, all: { axle: 'rear', side: 'right' } });
    const of = (what: string) => marks.find(({ key }) => key === `rear-right-${what}`)!;
    const length = (what: string) => of(what).to[1] - of(what).from[1];
    expect(length('gap')).toBeCloseTo(asked.report.rear.archGapMm!, 0);
    expect(of('gap').text).toBe(text(asked.report.rear.archGapMm!));
    expect(of('height').text).toBe(text(length('height')));
    expect(of('height').from[1]).toBe(0);
    expect(of('level').text).toBe('');
    expect(marks).toHaveLength(7);
  });
  test('beside another both are named', () => {
    const [mark] = marksOf({ ...asked, beside: { report: reportOf('a'), name: 'A' } });
    expect(mark!.text).toBe(`D ${pokeWords(asked.report.front.pokeMm!, text)}`);
    expect(mark!.beside).toBe(`A ${pokeWords(reportOf('a').front.pokeMm!, text)}`);
  });
  test('the far side of the car is left out; from behind the far axle is', () => {
    const marks = marksOf(asked);
    const keys = (view: (typeof STANCE_VIEWS)[number], side: 'left' | 'right') =>
      seenBy(cameraFor(view, 'front', side), SIZE, marks).map(({ key }) => key);
    expect(keys('wheel', 'right').some((key) => key.includes('left'))).toBe(false);
    expect(keys('quarter', 'left').some((key) => key.includes('right'))).toBe(false);
    expect(keys('behind', 'right')).toEqual(['rear-left-poke', 'rear-right-poke']);
    expect(keys('front', 'right')).toEqual(['front-right-poke', 'rear-right-poke']);
  });
  test('what is behind the camera, and a line seen from its end, are left out', () => {
    const camera = cameraFor('wheel', 'front', 'right');
    const mark = (from: ScenePlace, to: ScenePlace, always = false) => ({
      key: 'k',
      text: 'x',
      from,
      to,
      always,
      out: 1 as const,
    });
    expect(seenBy(camera, SIZE, [mark([0, 600, 9000], [0, 700, 9000])])).toEqual([]);
    expect(seenBy(camera, SIZE, [mark([0, 600, 870], [0, 600, 871])])).toEqual([]);
    expect(seenBy(camera, SIZE, [mark([0, 600, 870], [0, 600, 871], true)])).toHaveLength(1);
  });
});

describe('where figures are written', () => {
  const seen = (key: string, from: [number, number], to: [number, number], more: Partial<SeenMark> = {}): SeenMark => ({
    key,
    text: '12.0 mm poke',
    from,
    to,
    ...more,
  });
  test('over a level line, beside an upright one', () => {
    const places = labelPlaces([seen('a', [100, 200], [140, 200]), seen('b', [400, 100], [402, 300])], 900);
    expect(places.get('a')).toEqual({ x: 120, y: 192, anchor: 'middle' });
    expect(places.get('b')).toMatchObject({ x: 409, anchor: 'start' });
  });
  test('none over another, however many meet', () => {
    const many = Array.from({ length: 8 }, (_, at) =>
      seen(`m${at}`, [200 + at, 200], [210, 200], at % 2 === 0 ? { beside: 'now 3.0 mm tuck' } : {}),
    );
    const places = labelPlaces(many, 900);
    const boxes = many.map(({ key, beside }) => {
      const { y } = places.get(key)!;
      return { top: y - 16 * (beside ? 2 : 1), bottom: y };
    });
    boxes.forEach((one, at) =>
      boxes.slice(at + 1).forEach((other) => expect(one.top >= other.bottom || other.top >= one.bottom).toBe(true)),
    );
  });
  test('within the picture; a line outside it, and one that only leads to another, has none', () => {
    const places = labelPlaces(
      [
        seen('edge', [5, 200], [15, 200]),
        seen('out', [-60, 200], [-40, 200]),
        seen('lead', [100, 80], [200, 80], { text: '' }),
      ],
      900,
    );
    expect(places.get('edge')!.x).toBeGreaterThan(40);
    expect([...places.keys()]).toEqual(['edge']);
  });
  test('the same is told from another', () => {
    const one = [seen('a', [100, 200], [140, 200])];
    expect(isSameSeen(one, [seen('a', [100.1, 200], [140, 200])])).toBe(true);
    expect(isSameSeen(one, [seen('a', [101, 200], [140, 200])])).toBe(false);
    expect(isSameSeen(one, [seen('a', [100, 200], [140, 200], { beside: 'x' })])).toBe(false);
    expect(isSameSeen(one, [])).toBe(false);
  });
});

test.each([
  [12.04, '12.0 mm poke'],
  [-3, '3.0 mm tuck'],
  [0.02, 'flush'],
  [-0.04, 'flush'],
])('%s of poke: %s', (mm, words) => expect(pokeWords(mm, text)).toBe(words));

test('a corner in a sentence, with what is missing, and what it touches', () => {
  const report = reportOf('d');
  const front = corner('d', 'front', 'right');
  expect(cornerWords(report, front, text)).toMatch(
    /^Front right: the wheel stands \d+\.\d mm past the fender, \d+\.\d mm under the fender, fender \d+\.\d mm over the ground/,
  );
  expect(cornerWords(report, front, text)).toMatch(/touches .*[Ll]iner/);
  const unread = { ...report, front: { ...report.front, pokeMm: null, archGapMm: null, left: null, obstacles: [] } };
  expect(cornerWords(unread, { ...front, lip: null }, text)).toBe(
    'Front right: poke not measured, fender clearance not measured.',
  );
});

test('what is no setup is called as none can be', () => {
  for (const word of [NOTHING, CAR_NOW, OTHER_AXLE]) {
    const named = { ...job, setups: [{ ...setupOf(job, 'a'), id: word }] };
    expect(checkJob(named).faults?.map(({ path }) => path)).toEqual(['setups[0].id']);
  }
});

test('words under a picture are broken where they have no room, none lost', () => {
  const widthOf = (words: string) => words.length;
  expect(brokenLines('wheelbase 2650 mm, front track 1520 mm', 20, widthOf)).toEqual([
    'wheelbase 2650 mm,',
    'front track 1520 mm',
  ]);
  expect(brokenLines('unbreakable', 4, widthOf)).toEqual(['unbreakable']);
  expect(brokenLines('', 4, widthOf)).toEqual(['']);
});

test('keys on the picture', () => {
  const done: string[] = [];
  const hand = {
    turn: (across: number, up: number) => done.push(`turn ${across} ${up}`),
    pan: (right: number, up: number) => done.push(`pan ${right} ${up}`),
    zoom: (times: number) => done.push(times > 1 ? 'nearer' : 'further'),
    png: () => Promise.reject(new Error('not asked for')),
  };
  const press = (key: string, more: object = {}) =>
    pictureKeys({ key, shiftKey: false, ctrlKey: false, metaKey: false, altKey: false, ...more }, hand, () =>
      done.push('back'),
    )?.();
  press('ArrowLeft');
  press('ArrowUp', { shiftKey: true });
  for (const key of ['+', '=', '-', 'Home', 'x']) press(key);
  press('ArrowLeft', { ctrlKey: true });
  expect(done).toEqual(['turn -6 0', 'pan 0 0.04', 'nearer', 'nearer', 'further', 'back']);
});
