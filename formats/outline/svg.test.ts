import { outlineAreaMm2 } from '#core/brake';
import { DomainError } from '#core/errors';
import { FLAT_MM, outlineFrom, readSvg } from '#formats/outline';
import { lineIn, fault, AS_DRAWN, svg, chords } from '#support/drawings';

describe('SVG', () => {
  test.each([
    ['a circle', '<circle cx="60" cy="80" r="40"/>', 60, -80, 40],
    ['a path of arcs', '<path d="M20 80 A40 40 0 1 1 100 80 A40 40 0 1 1 20 80 Z"/>', 60, -80, 40],
    [
      'moved and doubled',
      '<g transform="translate(10 20)"><circle cx="5" cy="5" r="10" transform="scale(2)"/></g>',
      20,
      -30,
      20,
    ],
  ])('%s is round to the tolerance', (_, shape, x, y, r) => {
    const line = lineIn(readSvg(svg(shape)));
    expect(line.closed).toBe(true);
    for (const { from, middle } of chords(line)) {
      // Arcs become cubic curves, which leave the circle by 2.7e-4 of the radius (known bound of the quarter arc).
      expect(Math.abs(Math.hypot(from.x - x, from.y - y) - r)).toBeLessThan(3e-4 * r);
      expect(Math.abs(Math.hypot(middle.x - x, middle.y - y) - r)).toBeLessThan(FLAT_MM + 3e-4 * r);
    }
  });
  test('lines, relative steps, quadratic curves and a rounded box', () => {
    const box = lineIn(readSvg(svg('<rect x="10" y="20" width="30" height="40"/>')));
    expect(box.points).toEqual([
      { x: 10, y: -20 },
      { x: 40, y: -20 },
      { x: 40, y: -60 },
      { x: 10, y: -60 },
    ]);
    const steps = lineIn(readSvg(svg('<path d="m10 10 h20 v5 l-20 0 z"/>')));
    expect(steps.points).toEqual([
      { x: 10, y: -10 },
      { x: 30, y: -10 },
      { x: 30, y: -15 },
      { x: 10, y: -15 },
    ]);
    // A quadratic curve is a parabola: from (0,0) by (50,100) to (100,0) its top is at half height.
    const bow = lineIn(readSvg(svg('<path d="M0 0 Q50 100 100 0"/>')));
    for (const { x, y } of bow.points) expect(-y).toBeCloseTo(2 * x - (2 * x * x) / 100, 6);
    expect(bow.closed).toBe(false);
    const round = lineIn(readSvg(svg('<rect width="40" height="20" rx="5"/>')));
    const area = Math.abs(outlineAreaMm2(round.points.map(({ x, y }) => ({ a: x, r: y }))));
    expect(800 - (4 - Math.PI) * 25 - area).toBeLessThan(2 * Math.PI * 5 * FLAT_MM);
    expect(area).toBeLessThan(800 - (4 - Math.PI) * 25 + 0.1);
  });
  test.each([
    ['width="200mm" viewBox="0 0 200 100"', 1],
    ['width="10in" viewBox="0 0 254 100"', 1],
    ['width="20cm" height="10cm" viewBox="0 0 100 50"', 2],
    ['width="72pt" viewBox="0 0 1 1"', 25.4],
    ['width="200" viewBox="0 0 200 100"', null],
    ['viewBox="0 0 200 100"', null],
    ['width="200mm" height="300mm" viewBox="0 0 200 100"', null],
  ])('%s: %p mm a unit', (head, unitMm) => {
    const { drawing } = readSvg(svg('<rect width="10" height="10"/>', head));
    if (unitMm === null) expect(drawing!.unitMm).toBeNull();
    else expect(drawing!.unitMm).toBeCloseTo(unitMm, 9);
  });
  test('a path with holes is told and not taken', () => {
    const line = lineIn(readSvg(svg('<path d="M0 0 h50 v50 h-50 z M10 10 h5 v5 h-5 z"/>')));
    expect(line.fault).toMatch(/2 pieces, with holes/);
    expect(() => outlineFrom(line, AS_DRAWN)).toThrow(DomainError);
  });
  test.each([
    ['broken XML', '<svg><path d="M0 0"</svg>', /not well-formed/],
    ['no drawing', svg('<g></g>'), /no lines/],
    ['a symbol by reference', svg('<use href="#x"/>'), /use/],
    ['no svg', '<html></html>', /no svg element/],
  ])('%s is refused', (_, text, message) => expect(fault(readSvg(text))).toMatch(message));
  test('a path that cannot be read is named; hidden and defined ones are not lines; words are left out', () => {
    expect(lineIn(readSvg(svg('<path id="cut" d="M0 0 L"/>')))).toMatchObject({
      name: 'cut',
      fault: expect.stringMatching(/cannot be read/),
    });
    const { drawing } = readSvg(
      svg(
        '<defs><path d="M0 0 h5 v5 z"/></defs><path display="none" d="M0 0 h5 v5 z"/><text>x</text><path d="M0 0' +
          ' h5 v5 z"/>',
      ),
    );
    expect(drawing!.lines).toHaveLength(1);
    expect(drawing!.leftOut).toEqual(['text']);
  });
});
