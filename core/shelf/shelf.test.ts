import {
  adaptersOnShelf,
  itemName,
  pieceFromShelf,
  shortestOnShelf,
  thinnestOnShelf,
  wheelFromShelf,
  type SpacerNeed,
  type ShelfItem,
} from '#core/shelf';

const spacer = (thicknessMm: number, part: Partial<ShelfItem> = {}): ShelfItem => ({
  kind: 'spacer',
  name: `${thicknessMm} mm`,
  maker: 'Tarn & Ledger',
  thicknessMm,
  lugCount: 4,
  boltCircleMm: 108,
  innerBoreMm: 63.4,
  quantity: 2,
  ...part,
});
const need: SpacerNeed = { leastMm: 4.2, mostMm: 12, pattern: { lugCount: 4, boltCircleMm: 108 }, hubBoreMm: 63.4 };

describe('the thinnest spacer kept that does it', () => {
  const pick = (items: ShelfItem[], of: Partial<SpacerNeed> = {}) =>
    thinnestOnShelf(items, { ...need, ...of })?.name ?? null;
  test('thick enough, and no thicker than it must be', () =>
    expect(pick([spacer(8), spacer(3), spacer(5), spacer(20)])).toBe('5 mm'));
  test('none that is too thick for the room', () => expect(pick([spacer(15), spacer(20)])).toBeNull());
  test('any thickness where nothing limits it', () => expect(pick([spacer(20)], { mostMm: null })).toBe('20 mm'));
  test('another pattern does not go on; one for any pattern does', () => {
    expect(pick([spacer(5, { boltCircleMm: 100 }), spacer(5, { lugCount: 5 }), spacer(8)])).toBe('8 mm');
    expect(pick([spacer(5, { lugCount: null, boltCircleMm: null })])).toBe('5 mm');
    expect(pick([spacer(5)], { pattern: {} })).toBeNull();
  });
  test('a bore smaller than the hub does not go on; of two alike the hub-centric one', () => {
    expect(pick([spacer(5, { innerBoreMm: 58.1 })])).toBeNull();
    expect(pick([spacer(5, { name: 'loose', innerBoreMm: 72.6 }), spacer(5)])).toBe('5 mm');
  });
  test('what has run out is not offered', () => expect(pick([spacer(5, { quantity: 0 }), spacer(8)])).toBe('8 mm'));
  test('one with which the wheel is no longer held or centred is passed over', () =>
    expect(pick([spacer(5), spacer(8), spacer(10)], { holds: ({ thicknessMm }) => thicknessMm !== 5 })).toBe('8 mm'));
  test('of two bores that are not hub-centric the closer one; one nobody measured comes last', () => {
    expect(pick([spacer(5, { name: 'wide', innerBoreMm: 72.6 }), spacer(5, { name: 'near', innerBoreMm: 64.1 })])).toBe(
      'near',
    );
    expect(
      pick([spacer(5, { name: 'blind', innerBoreMm: null }), spacer(5, { name: 'wide', innerBoreMm: 72.6 })]),
    ).toBe('wide');
  });
  test('rings and adapters are no spacers', () => expect(pick([spacer(5, { kind: 'adapter' })])).toBeNull());
});

test('an item as a stack or a setup carries it', () => {
  expect(pieceFromShelf(spacer(5))).toEqual({
    kind: 'slip-on',
    label: 'Tarn & Ledger 5 mm',
    thicknessMm: 5,
    innerBoreMm: 63.4,
  });
  expect(pieceFromShelf({ kind: 'ring', name: 'ring', outerMm: 72.6, innerMm: 63.4 })).toEqual({
    kind: 'ring',
    label: 'ring',
    outerMm: 72.6,
    innerMm: 63.4,
  });
  expect(
    wheelFromShelf({
      kind: 'wheel',
      name: 'Gale',
      maker: 'Fenwold',
      rimDiameterIn: 17,
      offsetMm: 40,
      seat: 'cone60',
      quantity: 4,
    }),
  ).toEqual({ rimDiameterIn: 17, offsetMm: 40, seat: 'cone60' });
  expect(itemName({ kind: 'wheel', name: 'Gale' })).toBe('Gale');
});

describe('the shortest stud or bolt kept that holds', () => {
  const bolt = (lengthMm: number, part: Partial<ShelfItem> = {}): ShelfItem => ({
    kind: 'fastener',
    name: `bolt ${lengthMm}`,
    form: 'bolt',
    thread: 'M12x1.25',
    lengthMm,
    seat: 'cone60',
    quantity: 20,
    ...part,
  });
  const ask = (items: ShelfItem[], part: object = {}) =>
    shortestOnShelf(items, { form: 'bolt', thread: 'M12x1.25', seat: 'cone60', leastMm: 34, mostMm: 36, ...part })
      ?.name ?? null;
  test('long enough, and not longer than the hub takes', () => {
    expect(ask([bolt(38), bolt(35), bolt(34), bolt(30)])).toBe('bolt 34');
    expect(ask([bolt(38), bolt(30)])).toBeNull();
  });
  test('of the same thread however it is written, and the same seat', () => {
    expect(ask([bolt(34, { thread: 'M12x1.5' }), bolt(35)], { thread: 'm12 × 1,25' })).toBe('bolt 35');
    expect(ask([bolt(34, { seat: 'ball-r13' })])).toBeNull();
    expect(ask([bolt(34, { seat: 'ball-r13' })], { seat: null })).toBe('bolt 34');
    expect(ask([bolt(34)], { thread: undefined })).toBeNull();
  });
  test('studs have no seat; what has run out is not offered', () => {
    expect(ask([bolt(34, { form: 'stud', seat: undefined })], { form: 'stud' })).toBe('bolt 34');
    expect(ask([bolt(34, { quantity: 0 })])).toBeNull();
  });
});

test('adapters kept for two patterns, thinnest first', () => {
  const adapter = (name: string, thicknessMm: number, part: Partial<ShelfItem> = {}): ShelfItem => ({
    kind: 'adapter',
    name,
    thicknessMm,
    lugCount: 4,
    boltCircleMm: 108,
    toLugCount: 5,
    toBoltCircleMm: 114.3,
    quantity: 2,
    ...part,
  });
  const items = [
    adapter('thick', 38),
    adapter('thin', 25),
    adapter('gone', 20, { quantity: 0 }),
    adapter('other', 22, { toBoltCircleMm: 112 }),
  ];
  const names = adaptersOnShelf(items, { lugCount: 4, boltCircleMm: 108 }, { lugCount: 5, boltCircleMm: 114.3 }).map(
    ({ name }) => name,
  );
  expect(names).toEqual(['thin', 'thick']);
  expect(adaptersOnShelf(items, { lugCount: 4 }, { lugCount: 5, boltCircleMm: 114.3 })).toEqual([]);
  const plain = adapter('same', 50, { toLugCount: undefined, toBoltCircleMm: undefined } as never);
  expect(adaptersOnShelf([plain], { lugCount: 4, boltCircleMm: 108 }, { lugCount: 4, boltCircleMm: 108 })).toHaveLength(
    1,
  );
});
