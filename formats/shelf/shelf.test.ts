import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import type { ShelfItem } from '#core/shelf';
import { faultLine } from '#formats/faults';
import { FILE_COLUMNS, readShelfFile, readShelfText, writeShelfFile } from '#formats/shelf';

const faults = (text: string): string[] => (readShelfText(text).faults ?? []).map(faultLine);
const bytes = (...parts: (string | number[])[]) =>
  new Uint8Array(parts.flatMap((part) => (typeof part === 'string' ? [...new TextEncoder().encode(part)] : part)));

describe('reading a file of the shelf', () => {
  test('the demo reads, and is written back the same', () => {
    const read = readShelfFile(readFileSync('demo/shelf.csv'));
    expect(read.faults).toBeUndefined();
    expect(read.items!.length).toBeGreaterThan(40);
    expect(readShelfText(writeShelfFile(read.items!)).items).toEqual(read.items);
  });
  test('columns in any order; semicolons with decimal commas as well as tabs; empty lines; a mark at the head', () => {
    const item = { kind: 'ring', name: 'R', outerMm: 72.6, innerMm: 63.4 };
    expect(readShelfText('\ufeffname;innerMm;kind;outerMm\r\n\r\nR;63,4;ring;72,6\r\n').items).toEqual([item]);
    expect(readShelfText('kind\tname\touterMm\tinnerMm\nring\tR\t72.6\t63.4').items).toEqual([item]);
  });
  test('UTF-16 that says so is read', () => {
    const text = 'kind,name,outerMm,innerMm\nring,Kürz,72.6,63.4\n';
    const wide = [...text].flatMap((letter) => [letter.charCodeAt(0) & 255, letter.charCodeAt(0) >> 8]);
    expect(readShelfFile(bytes([0xff, 0xfe], wide)).items).toMatchObject([{ name: 'Kürz' }]);
  });
  test('any other encoding is told with the line it stands in, never guessed', () => {
    const read = readShelfFile(bytes('kind,name,outerMm,innerMm\nring,A,72.6,63.4\nring,K', [0xfc], 'rz,72.6,63.4\n'));
    expect(read.items).toBeUndefined();
    expect(read.faults!.map(faultLine)).toEqual(['line 3 has letters that are not UTF-8: save the file as CSV UTF-8']);
  });
  test.each([
    ['', 'the file is empty'],
    [';', 'the file is empty'],
    [',,\n\n,,', 'the file is empty'],
    ['kind,name\n', 'the file has a heading but no items'],
    ['name,outerMm\nR,72.6', 'line 1: the column “kind” is missing (there are: name, outerMm)'],
    ['kind,outerMm\nring,72.6', 'line 1: the column “name” is missing (there are: kind, outerMm)'],
    ['kind,name,colour\nring,R,red', 'line 1: “colour” is not a known column'],
    ['kind,name,name\nring,R,S', 'line 1: the column “name” stands twice'],
    ['kind,name\nbolt,R', 'line 2, kind: must be one of spacer, adapter, ring, fastener, wheel, tire, caliper'],
    ['kind,name\nring,R', 'line 2, outerMm: is missing'],
    ['kind,name,outerMm,innerMm\nring,R,wide,63.4', 'line 2, outerMm: “wide” is not a number'],
    ['kind,name,outerMm,innerMm\nring,R,63.4,72.6', 'line 2, innerMm: must be smaller than the outer diameter'],
    ['kind,name,thicknessMm\nspacer,S,-5', 'line 2, thicknessMm: must be between 0 and 200'],
    ['kind,name,form,thread\nfastener,N,nut,M13x1.4', 'line 2, thread: no wheel is fastened with M13 (M8 to M24 are)'],
    ['kind,name,thread,thicknessMm\nspacer,S,M12x1.5,5', 'line 2, thread: a spacer has no such field'],
    ['kind,name,outerMm,innerMm\nring,R,72.6,63.4,9', 'line 2: has 5 cells under 4 columns'],
    ['kind,name,outerMm,innerMm\nring,"R,72.6,63.4', 'line 2: a quotation mark is not closed'],
    [
      'kind,name,thicknessMm,lugCount,boltCircleMm,innerBoreMm\nspacer,S,5,4,108,110',
      'line 2, innerBoreMm: the center bore must be smaller than the bolt circle (108 mm)',
    ],
    ['kind,name\ntire,T', 'line 2, size: is missing'],
    ['kind,name,size\ntire,T,205/55', 'line 2, size: after 205/55 the rim diameter is missing, as in 205/55R16'],
    ['kind,name,size,speed\ntire,T,205/55R16,X', 'line 2, speed: “X” is not a speed rating such as T, H or V'],
    ['kind,name,size,loadIndex\ntire,T,205/55R16,300', 'line 2, loadIndex: must be between 20 and 204'],
    [
      'kind,name,size,sectionWidthMm\ntire,T,205/55R16,214',
      'line 2, testRimIn: is needed with a section width: makers list it on a rim',
    ],
    ['kind,name,thicknessMm\nspacer,"two\nlines",5\nspacer,S,thin', 'line 4, thicknessMm: “thin” is not a number'],
  ])('%j: %s', (text, message) => expect(faults(text)).toContain(message));
  test('every fault of every line is told, up to fifty', () => {
    const lines = Array.from({ length: 60 }, (_, index) => `ring,R${index},x,63.4`).join('\n');
    const told = faults(`kind,name,outerMm,innerMm\n${lines}`);
    expect(told).toHaveLength(51);
    expect(told.at(-1)).toBe('and 10 more faults');
  });
  test('a file of 6 MB is refused before it is read', () =>
    expect(readShelfFile(new Uint8Array(13 * 1024 * 1024)).faults!.map(faultLine)).toEqual([
      'the file is larger than 12 MB',
    ]));
  test('no signs that mean something to a table make it throw', () => {
    const sign = fc.constantFrom(
      ',',
      ';',
      '\t',
      '"',
      '\n',
      '\r',
      ' ',
      'kind',
      'name',
      'ring',
      'spacer',
      'thicknessMm',
      '5',
      '-',
      '=',
      '\ufeff',
      '__proto__',
    );
    fc.assert(
      fc.property(fc.array(sign, { maxLength: 30 }), (signs) => {
        const read = readShelfText(signs.join(''));
        expect((read.items === undefined) !== (read.faults === undefined)).toBe(true);
      }),
      { numRuns: 3000 },
    );
  });
  test('no bytes at all make it throw', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 200 }), (raw) => {
        const read = readShelfFile(raw);
        expect((read.items === undefined) !== (read.faults === undefined)).toBe(true);
      }),
    );
  });
});

test('whatever is kept reads back as it was written: commas, quotes, line breaks, other alphabets', () => {
  const name = fc
    .string({ unit: 'grapheme', minLength: 1, maxLength: 30 })
    .map((text) => text.replace(/[\p{Cc}]/gu, '').trim())
    .filter((text) => text !== '' && text.length <= 120);
  const item = fc.record({
    kind: fc.constant('spacer' as const),
    name: fc.oneof(name, fc.constantFrom('a, "b"', '=1+1', "O'Ring; 5")),
    thicknessMm: fc.integer({ min: 1, max: 2000 }).map((tenths) => tenths / 10),
    quantity: fc.nat(9),
  });
  fc.assert(
    fc.property(fc.array(item, { minLength: 1, maxLength: 6 }), (items: ShelfItem[]) => {
      expect(readShelfText(writeShelfFile(items)).items).toEqual(items);
    }),
  );
});
test('the heading names every field once', () => expect(new Set(FILE_COLUMNS).size).toBe(FILE_COLUMNS.length));
test('a wheel keeps its inner face, and a brake its outline, through a file', () => {
  const items: ShelfItem[] = [
    {
      kind: 'wheel',
      name: 'Rally 17',
      rimDiameterIn: 17,
      rimWidthIn: 7.5,
      offsetMm: 40,
      lugCount: 4,
      boltCircleMm: 108,
      innerFace: {
        barrel: [
          { a: -110, r: 200 },
          { a: 30, r: 196.5 },
        ],
        spoke: [
          { a: 34, r: 190 },
          { a: 48, r: 90 },
        ],
        origin: 'straightedge',
      },
    },
    {
      kind: 'caliper',
      name: 'four-pot 312',
      rotorDiameterMm: 312,
      outline: [
        { a: -20, r: 150 },
        { a: 45, r: 150 },
        { a: 45, r: 96 },
      ],
    },
  ];
  expect(readShelfText(writeShelfFile(items)).items).toEqual(items);
  const text = writeShelfFile(items).replace('45/150', '45');
  expect(faults(text).join()).toMatch(/line 3, outline: “45” is not written like 34\/190/);
});

describe('cells that a spreadsheet would take for a formula', () => {
  // OWASP, CSV injection: cells that begin with = + - @, a tab or a return.
  test.each([
    ['=1+1', "'=1+1"],
    ['@SUM(A1)', "'@SUM(A1)"],
    ['+49 rings', "'+49 rings"],
    ['-cheap-', "'-cheap-"],
    ["'=1", "''=1"],
    ["'quoted'", "'quoted'"],
    ['8 mm', '8 mm'],
    ['-5.5', '-5.5'],
  ])('%s goes out as %s and comes back as it was', (name, cell) => {
    const item: ShelfItem = { kind: 'ring', name, outerMm: 72.6, innerMm: 63.4 };
    const text = writeShelfFile([item]);
    expect(text.split('\r\n')[1]!.split(',')[1]!.replace(/^"|"$/g, '')).toBe(cell);
    expect(readShelfText(text).items).toEqual([item]);
  });
  test('numbers stay numbers, minus and all', () => {
    const wheel: ShelfItem = { kind: 'wheel', name: 'W', rimDiameterIn: 17, rimWidthIn: 8, offsetMm: -12.5 };
    expect(writeShelfFile([wheel])).toContain(',-12.5,');
  });
  test('whatever a name begins with', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('=', '+', '-', '@', "'"),
        fc.stringMatching(/^[=+@'A-Za-z0-9 -]{0,12}$/),
        (head, tail) => {
          const name = `${head}${tail}`.trim();
          const item: ShelfItem = { kind: 'ring', name, outerMm: 72.6, innerMm: 63.4 };
          const text = writeShelfFile([item]);
          expect(readShelfText(text).items).toEqual([item]);
          if (!/^[+-]?\d+(\.\d+)?$/.test(name)) expect(text.split('\r\n')[1]).not.toMatch(/^ring,"?[=+\-@]/);
        },
      ),
    );
  });
});
