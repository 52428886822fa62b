import type { Job, Setup } from '#core/job';
import type { ShelfItem } from '#core/shelf';
import { wordsIn } from '#core/units';
import { demoJob, setupOf } from '#support/jobs';
import { fastenerFigures, orderOf, pieceFigures, tireFigures, wheelFigures } from '.';

const words = wordsIn('mm');
const order = (job: Job, setup: Setup, shelf: ShelfItem[] = []) => orderOf({ job, setup, words }, shelf);

// How parts are written on an order: common practice, no source.
test('parts by the figures that identify them, as the trade writes them', () => {
  expect(
    wheelFigures({ rimDiameterIn: 19, rimWidthIn: 8.5, lugCount: 5, boltCircleMm: 112, offsetMm: 45, boreMm: 66.6 }),
  ).toBe('19×8.5 5×112 ET45 CB66.6');
  expect(wheelFigures({ rimDiameterIn: 16, rimWidthIn: 7, offsetMm: -18, seat: 'ball-r13' })).toBe(
    '16×7 ET−18 ball R13',
  );
  expect(tireFigures({ label: 'Ostrik Road', size: '215/45R17', loadIndex: 91, speed: 'W' })).toBe(
    'Ostrik Road 215/45R17 91 W',
  );
  expect(tireFigures({ size: '205/75R16C 110/108R', loadIndex: 110, speed: 'R' })).toBe('205/75R16C 110/108R');
  const hub = { lugCount: 4, boltCircleMm: 108 };
  expect(pieceFigures({ kind: 'slip-on', thicknessMm: 5, innerBoreMm: 63.4, outerLipMm: 63.4 }, hub)).toBe(
    '5 mm 4×108 bore 63.4 lip 63.4',
  );
  expect(
    pieceFigures({ kind: 'bolt-on', thicknessMm: 25, toLugCount: 5, toBoltCircleMm: 112, thread: 'M14x1.5' }, hub),
  ).toBe('25 mm 4×108 to 5×112 M14x1.5');
  expect(pieceFigures({ kind: 'ring', outerMm: 72.6, innerMm: 63.4 }, hub)).toBe('72.6/63.4');
  expect(fastenerFigures({ thread: 'M14x1.5', lengthMm: 43, seat: 'ball-r13' })).toBe('M14x1.5×43 ball R13');
  expect(fastenerFigures({})).toBe('');
});

describe('an order', () => {
  const job = demoJob('brindle-kite');
  const setup = setupOf(job, 'b');
  test('every part that is bought, both axles together; charges are no parts', () => {
    const lines = order(job, setup);
    expect(lines.map(({ code, count }) => [code, count])).toEqual([
      ['wheels', 4],
      ['tires', 4],
      ['spacers', 2],
      ['spacers', 2],
      ['rings', 4],
      ['sensors', 4],
    ]);
    expect(lines[0]!.figures).toMatch(/^17×7\.5 4×108 ET51 CB72\.6/);
    expect(lines.every(({ toBuy, count, fromShelf }) => toBuy === count && fromShelf === 0)).toBe(true);
  });
  test('what lies on the shelf is taken from there, as far as it goes; what nobody counted is not there', () => {
    const ring: ShelfItem = { kind: 'ring', name: 'ring', maker: 'Ostrik', outerMm: 72.6, innerMm: 63.4 };
    const spacer: ShelfItem = {
      kind: 'spacer',
      name: '5 mm',
      thicknessMm: 5,
      lugCount: 4,
      boltCircleMm: 108,
      innerBoreMm: setup.front!.stack![0]!.innerBoreMm,
      quantity: 8,
    };
    const find = (shelf: ShelfItem[], code: string) => order(job, setup, shelf).find((line) => line.code === code)!;
    expect(find([{ ...ring, quantity: 3 }], 'rings')).toMatchObject({
      shelf: { kind: 'ring', name: 'Ostrik ring' },
      onShelf: 3,
      fromShelf: 3,
      toBuy: 1,
    });
    expect(find([ring], 'rings')).toMatchObject({ shelf: { name: 'Ostrik ring' }, fromShelf: 0, toBuy: 4 });
    expect(find([{ ...ring, kind: 'fastener', quantity: 9 }], 'rings').shelf).toBeNull();
    const lipped = setup.front!.stack![0]!.outerLipMm;
    expect(find([{ ...spacer, outerLipMm: lipped }], 'spacers')).toMatchObject({ fromShelf: 2, toBuy: 0 });
    expect(find([{ ...spacer, outerLipMm: lipped, boltCircleMm: 100 }], 'spacers').fromShelf).toBe(0);
  });
  test('what is put by for it, and what was used already, is neither bought nor taken twice', () => {
    const ring: ShelfItem = { kind: 'ring', name: 'ring', maker: 'Ostrik', outerMm: 72.6, innerMm: 63.4, quantity: 2 };
    const taken = { kind: 'ring', name: 'Ostrik ring', reserved: 2, used: 1 } as const;
    const rings = orderOf({ job, setup, words }, [ring], [taken]).find(({ code }) => code === 'rings')!;
    expect(rings).toMatchObject({ count: 4, used: 1, fromShelf: 2, reserved: 2, toBuy: 1 });
    const over = orderOf({ job, setup, words }, [ring], [{ ...taken, reserved: 9, used: 9 }]);
    expect(over.find(({ code }) => code === 'rings')).toMatchObject({ used: 4, fromShelf: 0, reserved: 0, toBuy: 0 });
  });
  test('nothing new, nothing to order', () => {
    const { wheel, tire } = job.vehicle.front!.baseline!;
    expect(order(job, { id: 'z', front: { wheel: wheel!, tire: tire! } })).toEqual([]);
  });
});
