import fc from 'fast-check';
import { readDrawing, type ReadDrawing } from '#formats/outline';
import { drawnLine, dxf } from '#support/drawings';

// The parser says on the console what it makes of odd group codes.
beforeAll(() => void jest.spyOn(console, 'log').mockImplementation(() => {}));
afterAll(() => jest.restoreAllMocks());

const text = (source: string): Uint8Array => new TextEncoder().encode(source);
const said = (read: ReadDrawing): string => (read.faults ?? []).map(({ message }) => message).join();

/** A file of this test's own: however odd, it is read or refused in words, with every place a number. */
function taken(name: string, source: string): ReadDrawing {
  const read = readDrawing(name, text(source));
  for (const { points } of read.drawing?.lines ?? [])
    for (const { x, y } of points) expect(Number.isFinite(x) && Number.isFinite(y)).toBe(true);
  if (!read.drawing) expect(said(read)).not.toBe('');
  return read;
}

describe('large and odd drawings', () => {
  test('5,000 pieces in any order become the one line they are', () => {
    const corners = Array.from({ length: 5001 }, (_, index) => {
      const turn = (2 * Math.PI * index) / 5000;
      return [300 * Math.cos(turn), 300 * Math.sin(turn)] as const;
    });
    corners[5000] = corners[0]!;
    const pieces = Array.from({ length: 5000 }, (_, index) => {
      const at = (index * 1777) % 5000;
      const [[x, y], [u, v]] = [corners[at]!, corners[at + 1]!];
      return index % 3 ? drawnLine(x, y, u, v) : drawnLine(u, v, x, y);
    });
    const { drawing } = readDrawing('ring.dxf', text(dxf(pieces)));
    expect(drawing!.lines).toHaveLength(1);
    expect(drawing!.lines[0]).toMatchObject({ closed: true, name: 'joined pieces' });
    expect(drawing!.lines[0]!.points).toHaveLength(5000);
  });
  test.each([
    ['an arc of the size of a planet', '0\nARC\n8\n0\n10\n0\n20\n0\n40\n1e12\n50\n0\n51\n359'],
    ['a circle of no number', '0\nCIRCLE\n8\n0\n10\n0\n20\n0\n40\nnone'],
    ['a circle without a radius', '0\nCIRCLE\n8\n0\n10\n0\n20\n0'],
    ['a circle without a center', '0\nCIRCLE\n8\n0\n40\n5'],
    ['a line without its ends', '0\nLINE\n8\n0'],
    ['a line to infinity', '0\nLINE\n8\n0\n10\n0\n20\n0\n11\n1e400\n21\n0'],
    ['an ellipse of nothing', '0\nELLIPSE\n8\n0\n10\n0\n20\n0\n11\n0\n21\n0\n40\n0\n41\n0\n42\n6'],
    ['an arc without angles', '0\nARC\n8\n0\n10\n0\n20\n0\n40\n5'],
    ['a spline of an absurd degree', '0\nSPLINE\n8\n0\n70\n8\n71\n900000\n40\n0\n10\n0\n20\n0'],
    ['a spline that is cut short', '0\nSPLINE\n0\nSPLINE\nSPLINE'],
    ['a polyline with a row out of step', '0\nLWPOLYLINE\n8\n0\n90\n2\n10\n0\n20\n90\n10\n40\n訿0\n120\n42\n0.5'],
    ['a polyline of no corners', '0\nLWPOLYLINE\n8\n0\n90\n0\n70\n1'],
  ])('%s is refused or told, never thrown', (_, entity) => {
    taken('x.dxf', `0\nSECTION\n2\nENTITIES\n${entity}\n0\nENDSEC\n0\nEOF\n`);
  });
  test.each([
    ['a path of numbers that are none', '<path d="M 0 0 L 1e999 4 Z"/>'],
    ['a circle of infinite size', '<circle r="1e308" cx="1e308"/>'],
    ['a turn by nothing', '<g transform="rotate()"><path d="M0 0L9 9"/></g>'],
    ['a scale of no number', '<g transform="scale(wide)"><path d="M0 0L9 9"/></g>'],
    ['a curve far out', '<path d="M0 0C1e200 0 0 1e200 5 5"/>'],
    ['an empty shape', '<polygon points=""/>'],
    ['a box of nothing', '<rect width="x" height="NaN"/>'],
  ])('%s too', (_, shape) => {
    taken('x.svg', `<svg xmlns="http://www.w3.org/2000/svg">${shape}</svg>`);
  });
  // DXF reference, LWPOLYLINE: group 91 is a vertex identifier, which newer programs write behind every corner.
  test('a polyline whose corners carry identifiers keeps them all', () => {
    const corners = [
      [0, 90],
      [40, 120],
      [0, 150],
      [-20, 120],
    ].map(([x, y], at) => `10\n${x}\n20\n${y}\n91\n${at + 1}`);
    const entity = `0\nLWPOLYLINE\n8\n0\n90\n4\n70\n1\n43\n0\n${corners.join('\n')}`;
    const { drawing } = taken('ids.dxf', `0\nSECTION\n2\nENTITIES\n${entity}\n0\nENDSEC\n0\nEOF\n`);
    expect(drawing!.lines[0]).toMatchObject({ closed: true, fault: null });
    expect(drawing!.lines[0]!.points.map(({ x, y }) => [x, y])).toEqual([
      [0, 90],
      [40, 120],
      [0, 150],
      [-20, 120],
    ]);
  });
  test('a file that ends in the midst of itself', () => {
    const whole = dxf([drawnLine(0, 0, 50, 0), drawnLine(50, 0, 50, 40)]);
    for (let at = 0; at < whole.length; at++) taken('cut.dxf', whole.slice(0, at));
    expect(said(taken('cut.dxf', '0\nSECTION\n2\nENTITIES\n0\nSPLINE\nSPLINE'))).toMatch(/no group code|cut short/);
  });
  test('group codes and values in any order', () => {
    const pair = fc.tuple(
      fc.oneof(fc.constantFrom(0, 8, 10, 20, 30, 40, 42, 50, 51, 70, 71, 72, 73, 90, 230), fc.nat(1100)),
      fc.oneof(
        fc.constantFrom('LINE', 'ARC', 'SPLINE', 'LWPOLYLINE', 'POLYLINE', 'VERTEX', 'SEQEND'),
        fc.string(),
        fc.double(),
      ),
    );
    fc.assert(
      fc.property(fc.array(pair, { maxLength: 30 }), (pairs) => {
        const rows = pairs.map(([code, value]) => `${code}\n${String(value).replace(/[\r\n]/g, ' ')}`);
        taken('odd.dxf', `0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n${rows.join('\n')}\n0\nENDSEC\n0\nEOF\n`);
      }),
      { numRuns: 1500 },
    );
  });
  test('one nested beyond all reason', () => {
    const deep = '<g>'.repeat(60_000) + '</g>'.repeat(60_000);
    expect(said(taken('deep.svg', `<svg>${deep}</svg>`))).not.toBe('');
  });
  test('one of more lines than anybody can choose from', () => {
    const many = '<line x2="5" y2="5"/>'.repeat(20_001);
    expect(said(taken('many.svg', `<svg>${many}</svg>`))).toMatch(/has 20001 lines, more than 20000/);
  });
  test('any text at all, and any drawing with some of it written over', () => {
    const sound = dxf([drawnLine(0, 0, 50, 0), drawnLine(50, 0, 50, 40)]);
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), fc.nat(sound.length), fc.string(), (noise, at, more) => {
        taken('a.dxf', noise);
        taken('a.svg', `<svg>${noise}</svg>`);
        taken('a.dxf', sound.slice(0, at) + more + sound.slice(at + more.length));
      }),
      { numRuns: 300 },
    );
  });
});
