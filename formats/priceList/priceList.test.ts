import Papa from 'papaparse';
import { madeTires, madeWheels } from '../../support/madeParts';
import { writeShelfFile } from '#formats/shelf';
import { guessList, mappingSchema, readList, rowsOf, rowsOfCsv, type ListRows } from '.';
import { decimalOf, listNumber, readOffset, readPattern, readRim, readTireText, readWheelText } from './columns';

const rowsIn = (text: string): ListRows => rowsOfCsv(new TextEncoder().encode(text)) as ListRows;
const read = (text: string) => {
  const rows = rowsIn(text);
  const { mapping, ...guess } = guessList(rows);
  return { mapping, ...guess, ...readList(rows, mapping) };
};

describe('figures as suppliers write them (common practice, no source)', () => {
  test.each([
    ['66,6', ',', 66.6],
    ['66.6', '.', 66.6],
    ['66.6', ',', 66.6],
    ['1.234,50', ',', 1234.5],
    ['1,234.50', '.', 1234.5],
    ['1.234', ',', 1234],
    ['1.234', '.', 1.234],
    ['1,234', '.', 1234],
    ['€ 120,-', ',', 120],
    ['120.00 EUR', '.', 120],
    ['120,50 €', ',', 120.5],
    ["1'250.00", '.', 1250],
    ['1 250,00', ',', 1250],
    ['+35', '.', 35],
    ['−12', '.', -12],
    ['7 1/2', '.', 7.5],
    ['1.234.567', ',', 1234567],
  ] as const)('%s with “%s” is %d', (cell, decimal, value) => expect(listNumber(cell, decimal)).toBeCloseTo(value, 9));
  test.each(['', 'abc', '=1+1', '=HYPERLINK("x")', '12 x 4', '--'])('%s is none', (cell) =>
    expect(() => listNumber(cell, '.')).toThrow(),
  );
  test('the decimal sign is the one that is used', () => {
    expect(decimalOf(['66,6', '72,6', '8.5'])).toBe(',');
    expect(decimalOf(['66.6', '1,234.50'])).toBe('.');
    expect(decimalOf(['12'])).toBe('.');
  });
});

describe('sizes in one text (common practice, no source)', () => {
  test.each([
    [
      '9Jx18 ET35 5/112 CB66,6',
      { rimWidthIn: 9, rimDiameterIn: 18, offsetMm: 35, lugCount: 5, boltCircleMm: 112, boreMm: 66.6 },
    ],
    ['18x8.5', { rimDiameterIn: 18, rimWidthIn: 8.5 }],
    ['8.5x18 5x114.3 ET+45', { rimDiameterIn: 18, rimWidthIn: 8.5, lugCount: 5, boltCircleMm: 114.3, offsetMm: 45 }],
    ['7 1/2 x 15 4/108 ET 20', { rimDiameterIn: 15, rimWidthIn: 7.5, lugCount: 4, boltCircleMm: 108, offsetMm: 20 }],
    ['8,0J x 17 ET-12 6/139,7', { rimDiameterIn: 17, rimWidthIn: 8, offsetMm: -12, lugCount: 6, boltCircleMm: 139.7 }],
    ['10x15', { rimDiameterIn: 15, rimWidthIn: 10 }],
  ])('%s', (text, figures) => expect(readWheelText(text)).toEqual(figures));
  test.each([
    ['5x112', 5, 112],
    ['5/114,3', 5, 114.3],
    ['4 x 108', 4, 108],
    ['6-139.7', 6, 139.7],
  ])('the pattern %s', (text, lugCount, boltCircleMm) => expect(readPattern(text)).toEqual({ lugCount, boltCircleMm }));
  test('two patterns are told; a rim is none', () => {
    expect(() => readPattern('5x100 / 5x112')).toThrow('two bolt patterns');
    expect(readPattern('8x18')).toBeNull();
  });
  test.each([
    ['35', 35],
    ['+35', 35],
    ['35/+35', 35],
    ['ET 35', 35],
    ['-12', -12],
    ['–12', -12],
    ['35 mm', 35],
    ['38,5', 38.5],
  ])('the offset %s', (text, mm) => expect(readOffset(text)).toBe(mm));
  test('an offset that contradicts itself is told, one that is none is none', () => {
    expect(() => readOffset('35/40')).toThrow('two offsets');
    expect(readOffset('5x112')).toBeNull();
  });
  test('a rim of which nobody can tell which is the width', () =>
    expect(() => readRim('15x15')).toThrow('which is the width'));
  test.each([
    ['225/45R17 94W XL Ridgeway', '225/45R17 94W XL'],
    ['Scree 205/55 R16 91H', '205/55 R16 91H'],
    ['LT285/70R17 121/118Q', 'LT285/70R17 121/118Q'],
    ['no tire here', null],
  ])('the tire in %s', (text, size) => expect(readTireText(text)).toBe(size));
});

const WHEELS = [
  'Fenwold wholesale;;;;;;',
  'valid from January;;;;;;',
  'Marke;Design;Größe;ET;LK;Mittenloch;EK netto EUR',
  'Fenwold;Gale;8,5Jx18;35/+35;5/112;66,6;189,50',
  'Fenwold;Gale;9Jx18;ET 40;5/112;66,6;199,-',
  'Fenwold;Tor;7 1/2 x 17;+45;4/108;63,4;1.120,00',
].join('\r\n');

describe('a list of wheels', () => {
  test('its head is found, its columns are known, its lines are items', () => {
    const { mapping, items, faults, heads } = read(WHEELS);
    expect(faults).toEqual([]);
    expect(heads[2]).toBe('Größe');
    expect(Object.fromEntries(mapping.columns.map(({ target, at }) => [target, at]))).toEqual({
      maker: 0,
      name: 1,
      size: 2,
      offsetMm: 3,
      pattern: 4,
      boreMm: 5,
      priceEach: 6,
    });
    expect([mapping.decimal, mapping.currency, mapping.firstRow]).toEqual([',', 'EUR', 3]);
    expect(items[0]).toEqual({
      kind: 'wheel',
      name: 'Gale 18 x 8.5 +35',
      maker: 'Fenwold',
      rimDiameterIn: 18,
      rimWidthIn: 8.5,
      offsetMm: 35,
      lugCount: 5,
      boltCircleMm: 112,
      boreMm: 66.6,
      priceEach: 189.5,
    });
    expect(items[2]).toMatchObject({ rimWidthIn: 7.5, priceEach: 1120, offsetMm: 45 });
    expect(mappingSchema.validate(mapping).error).toBeUndefined();
  });
  test('Windows-1252, tabs and UTF-16 read the same', () => {
    const latin = Uint8Array.from(WHEELS, (letter) => letter.charCodeAt(0));
    const wide = Buffer.concat([Buffer.from([0xff, 0xfe]), Buffer.from(WHEELS, 'utf16le')]);
    const tabs = new TextEncoder().encode(WHEELS.replaceAll(';', '\t'));
    for (const bytes of [latin, wide, tabs]) {
      const rows = rowsOfCsv(bytes) as ListRows;
      expect(rows.rows[2]![2]).toBe('Größe');
      expect(readList(rows, guessList(rows).mapping).items).toEqual(read(WHEELS).items);
    }
  });
  test('the next list of the supplier, its columns in another order, is known by its heads', () => {
    const { mapping } = read(WHEELS);
    const moved = rowsIn('LK;EK netto EUR;Größe;Design;ET;Mittenloch;neu\n5/112;210,00;8Jx18;Gale;30;66,6;x');
    const again = guessList(moved, { wheel: mapping });
    expect(readList(moved, again.mapping).items[0]).toMatchObject({
      rimWidthIn: 8,
      offsetMm: 30,
      priceEach: 210,
    });
  });
  test('what is known of wheels has no part in a list of tires; what it is of may be said', () => {
    const { mapping } = read(WHEELS);
    const tires = rowsIn('LK;Reifen;EK netto EUR\n-;205/55R16 91H;61,50');
    expect(guessList(tires, { wheel: mapping }).mapping.kind).toBe('tire');
    const said = guessList(tires, { wheel: mapping }, 'wheel').mapping;
    expect(said.kind).toBe('wheel');
    expect(said.columns.map(({ target }) => target)).toContain('pattern');
  });
  test('without a head its columns are known by what they look like; what says too little is told', () => {
    const { mapping, heads, items, faults, faulty } = read(
      'Gale;8,5Jx18;5/112;ET35;CB66,6;189,50 €\nTor;8Jx17;4/108;ET40;CB63,4;99 €',
    );
    expect(heads.every((head) => head === null)).toBe(true);
    expect(mapping.columns.map(({ target }) => target).sort()).toEqual([
      'boreMm',
      'offsetMm',
      'pattern',
      'priceEach',
      'size',
    ]);
    expect([items.length, faults, faulty]).toEqual([2, [], 0]);
    expect(items[1]).toMatchObject({ boreMm: 63.4, priceEach: 99 });
  });
  test('two columns that claim the offset: neither is taken, and it is said', () => {
    const { contested, faulty, faults } = read('Size;ET;Offset;PCD\n8x18;35;40;5x112');
    expect(contested).toEqual(['offsetMm']);
    expect(faulty).toBe(1);
    expect(faults[0]).toEqual({ path: 'line 2', message: 'has no offset' });
  });
  test('contradictions, prices in two currencies, formulas and nonsense are told by line and column', () => {
    const { faults, items } = read(
      [
        'Model;Size;Width;ET;PCD;CB;Price',
        'Gale;18x8.5;8.5;35;5x112;66.6;120 EUR',
        'Tor;18x8.5;9;35;5x112;66.6;120 EUR',
        'Burn;18x8.5;8.5;35;5x112;66.6;90 GBP',
        'Moor;18x8.5;8.5;=1+34;5x112;66.6;100 EUR',
        'Fell;18x8.5;8.5;35;5x112;112.5;100 EUR',
        '=HYPERLINK("http://nowhere.invalid");18x8.5;8.5;35;5x112;66.6;=cmd()',
        'Voe;square;;;;;',
      ].join('\n'),
    );
    expect(items.map(({ name }) => name)).toEqual(['Gale 18 x 8.5 +35']);
    expect(faults.map(({ path, message }) => `${path}: ${message}`)).toEqual([
      'line 3, Rim width, in: says 9 where another column says 8.5',
      'line 4, Price each: is in GBP, the list in EUR',
      'line 5, Offset, mm: names no offset',
      'line 5: has no offset',
      'line 6, Center bore, mm: the center bore must be smaller than the bolt circle (112 mm)',
      'line 7, Price each: is a formula',
      'line 8, Size, all in one: names no rim',
      'line 8: has no rim width and diameter',
    ]);
  });
  test('a name that a spreadsheet would run is written out so that none does', () => {
    const { items } = read('Model;Size;ET;PCD\n=HYPERLINK("http://nowhere.invalid");18x8.5;35;5x112');
    expect(items[0]!.name).toMatch(/^=HYPERLINK/);
    const [, line] = Papa.parse<string[]>(writeShelfFile(items)).data;
    expect(line!.some((cell) => /^[=+\-@]/.test(cell) && !/^[+-]?\d/.test(cell))).toBe(false);
  });
});

test('a list of tires, its service in the size or beside it', () => {
  const { items, faults, mapping } = read(
    [
      'Brand,Tread,Tyre size,LI,Speed,Weight (kg),Price EUR,Stock',
      'Ostrik,Scree,225/45R17 94W,94,W,9.4,88.00,20+',
      'Ostrik,Beck,205/55 R16,91,h,8.1,61.50,4',
    ].join('\n'),
  );
  expect(faults).toEqual([]);
  expect(mapping.kind).toBe('tire');
  expect(items[0]).toMatchObject({
    kind: 'tire',
    size: '225/45R17 94W',
    loadIndex: 94,
    priceEach: 88,
    quantity: 20,
    massKg: 9.4,
  });
  expect(items[1]!.speed).toBe('H');
});

test('what is made comes back: wheels and tires written as two suppliers would, read again', () => {
  const wheels = madeWheels(300, 11);
  const list = wheels.map((one) => ({
    Model: one.name,
    Size: `${one.rimWidthIn}Jx${one.rimDiameterIn}`.replace('.', ','),
    ET: `+${one.offsetMm}`.replace('+-', '-'),
    'LZ/LK': `${one.lugCount}/${one.boltCircleMm}`.replace('.', ','),
    Mittenloch: String(one.boreMm).replace('.', ','),
    Preis: `${one.priceEach},00 €`,
  }));
  const back = read(Papa.unparse(list, { delimiter: ';' }));
  expect(back.faults).toEqual([]);
  expect(
    back.items.map(({ rimDiameterIn, rimWidthIn, offsetMm, lugCount, boltCircleMm, boreMm, priceEach }) => [
      rimDiameterIn,
      rimWidthIn,
      offsetMm,
      lugCount,
      boltCircleMm,
      boreMm,
      priceEach,
    ]),
  ).toEqual(
    wheels.map(({ rimDiameterIn, rimWidthIn, offsetMm, lugCount, boltCircleMm, boreMm, priceEach }) => [
      rimDiameterIn,
      rimWidthIn,
      offsetMm,
      lugCount,
      boltCircleMm,
      boreMm,
      priceEach,
    ]),
  );
  const tires = madeTires(200, 12);
  const tireList = read(
    Papa.unparse(
      tires.map(({ name, size, loadIndex, speed, priceEach }) => ({
        Tread: name,
        Size: size,
        LI: loadIndex,
        SI: speed,
        Net: priceEach,
      })),
    ),
  );
  expect(tireList.faults).toEqual([]);
  expect(tireList.items.map(({ size, loadIndex, speed, priceEach }) => [size, loadIndex, speed, priceEach])).toEqual(
    tires.map(({ size, loadIndex, speed, priceEach }) => [size, loadIndex, speed, priceEach]),
  );
});

test('what is no list, or too much of one, is said', () => {
  const fault = (bytes: Uint8Array) => rowsOfCsv(bytes) as { fault: string };
  expect(fault(new Uint8Array())).toEqual({ fault: 'is empty' });
  expect(fault(new TextEncoder().encode('a;b\n"x;y'))).toEqual({ fault: 'line 2: a quotation mark is not closed' });
  expect(rowsOf(Array.from({ length: 200_000 }, () => ['Gale', '8x18', '35']))).toEqual({
    fault: 'has more than 100,000 lines: take it in by parts',
  });
  expect(rowsOf([Array.from({ length: 61 }, () => 'x')])).toEqual({ fault: 'line 1 has more than 60 columns' });
});
