import fc from 'fast-check';
import type { AxialPoint } from '#core/brake';
import { MAX_DRAWING_BYTES, outlineFrom, readDrawing, writeDxf, writeSvg, type DrawnLine } from '#formats/outline';
import { bytes, lineIn, fault, AS_DRAWN, svg } from '#support/drawings';

describe('a drawing laid into the half section', () => {
  const line: DrawnLine = {
    name: 'cut',
    points: [
      { x: 10, y: 100 },
      { x: 40, y: 100 },
      { x: 40, y: 60 },
      { x: 10, y: 60 },
    ],
    closed: true,
    fault: null,
  };
  test.each([
    ['right', { x: 0, y: 0 }, { a: 10, r: 100 }],
    ['left', { x: 0, y: 0 }, { a: -10, r: 100 }],
    ['right', { x: 5, y: 20 }, { a: 5, r: 80 }],
    ['up', { x: 0, y: 0 }, { a: 100, r: 10 }],
    ['down', { x: 0, y: 0 }, { a: -100, r: 10 }],
    ['right', { x: 0, y: 200 }, { a: 10, r: 100 }],
  ] as const)('outboard %s from %j', (outboard, origin, first) =>
    expect(outlineFrom(line, { unitMm: 1, origin, outboard })[0]).toEqual(first),
  );
  test('inches are 25.4 mm', () => {
    expect(outlineFrom(line, { ...AS_DRAWN, unitMm: 0.254 })[0]).toEqual({ a: 2.54, r: 25.4 });
  });
  test.each([
    ['across the axis', { ...AS_DRAWN, origin: { x: 0, y: 80 } }, /across the hub/],
    ['far too large', { ...AS_DRAWN, unitMm: 304.8 }, /is the unit right/],
  ])('%s is refused', (_, placement, message) => expect(() => outlineFrom(line, placement)).toThrow(message));
  test('a line that crosses itself is refused', () => {
    const bow = { ...line, points: [line.points[0]!, line.points[2]!, line.points[1]!, line.points[3]!] };
    expect(() => outlineFrom(bow, AS_DRAWN)).toThrow(/crosses itself/);
  });
});

describe('written out and read back', () => {
  const stars = fc.array(fc.double({ min: 10, max: 60, noNaN: true }), { minLength: 3, maxLength: 20 }).map((reach) =>
    reach.map((far, index): AxialPoint => ({
      a: 10 + far * Math.cos((2 * Math.PI * index) / reach.length),
      r: 120 + far * Math.sin((2 * Math.PI * index) / reach.length),
    })),
  );
  // Written by one library and read by another.
  test.each([
    ['SVG', writeSvg, 'outline.svg'],
    ['DXF', writeDxf, 'outline.dxf'],
  ] as const)('%s keeps every corner to a ten-thousandth of a millimeter, and its unit', (_, write, name) => {
    fc.assert(
      fc.property(stars, (outline) => {
        const read = readDrawing(name, bytes(write([{ name: 'caliper', points: outline, closed: true }])));
        expect(read.drawing!.unitMm).toBeCloseTo(1, 3);
        const back = outlineFrom(lineIn(read), { ...AS_DRAWN, unitMm: read.drawing!.unitMm! });
        expect(back).toHaveLength(outline.length);
        back.forEach(({ a, r }, index) => {
          expect(a).toBeCloseTo(outline[index]!.a, 2);
          expect(r).toBeCloseTo(outline[index]!.r, 2);
        });
      }),
      { numRuns: 40 },
    );
  });
  test('several lines stay apart, and open ones open', () => {
    const lines = [
      {
        name: 'barrel',
        points: [
          { a: -80, r: 200 },
          { a: 30, r: 198 },
        ],
        closed: false,
      },
      {
        name: 'spoke',
        points: [
          { a: 34, r: 190 },
          { a: 48, r: 90 },
        ],
        closed: false,
      },
    ];
    for (const [name, text] of [
      ['x.svg', writeSvg(lines)],
      ['x.dxf', writeDxf(lines)],
    ] as const) {
      const back = readDrawing(name, bytes(text)).drawing!.lines;
      expect(back.map(({ closed, points }) => [closed, points.length])).toEqual([
        [false, 2],
        [false, 2],
      ]);
    }
  });
});

describe('files', () => {
  test.each([
    ['40 MB', 'x.dxf', new Uint8Array(40 * 1024 * 1024), /larger than 5 MB \(40\.0 MB\)/],
    ['nothing', 'x.svg', new Uint8Array(0), /is empty/],
    ['an SVG in name only', 'x.svg', bytes('0\nSECTION'), /no svg element/],
    ['noise', 'x.dxf', new Uint8Array([255, 254, 0, 1, 2, 3]), /binary|not a DXF/],
  ])('%s is refused', (_, name, content, message) => expect(fault(readDrawing(name, content))).toMatch(message));
  test('what is just small enough is read', () => {
    const text = svg('<rect width="10" height="10"/>');
    const padded = text + ' '.repeat(MAX_DRAWING_BYTES - text.length);
    expect(readDrawing('x.svg', bytes(padded)).drawing!.lines).toHaveLength(1);
  });
});
