import Flatten from '@flatten-js/core';
import { PDFDocument } from 'pdf-lib';
import { outlineAreaMm2, outlineFault, type AxialPoint } from '#core/brake';
import { CHECK_MM, printProof } from '#core/print';
import {
  BRAKE_STEPS,
  brakeCard,
  FACE_STEPS,
  faceCard,
  PAPERS,
  templatePdf,
  type Card,
  type PaperName,
  type Template,
} from '#formats/pdf';
import { paperFonts } from '#server/work/fonts';
import { operators, straightPaths } from '#support/readBack';

const at = (a: number, r: number): AxialPoint => ({ a, r });
const outline = [at(-30, 152), at(40, 152), at(48, 140), at(46, 96), at(-30, 96)];
const face = {
  barrel: [at(-110, 200), at(-40, 182), at(30, 196)],
  spoke: [at(34, 190), at(48, 140), at(30, 80)],
};
const inPoints = (mm: number) => (mm / 25.4) * 72;
const TRUE_SIZE = { across: 1, along: 1 };

const drawn = async (part: Partial<Template> = {}) =>
  PDFDocument.load(
    await templatePdf(
      {
        paper: 'a4',
        title: 'Brake, front',
        note: 'margin 1.5 mm',
        card: brakeCard(outline, 63.4, 1.5),
        boreMm: 63.4,
        scale: TRUE_SIZE,
        steps: BRAKE_STEPS,
        ...part,
      },
      paperFonts(),
    ),
  );

/** The longest straight lines each way that begin where the rules stand, 22 mm and 8 mm from the left edge, points. */
function checkLines(document: PDFDocument, page: number): { across: number; along: number } {
  const lines = straightPaths(operators(document, page)).filter(({ points }) => points.length === 2);
  const foot = document.getPage(page).getHeight() - inPoints(14);
  const atFoot = (y: number) => Math.abs(y - foot) < 0.01;
  const long = (of: (line: [number, number][]) => number) => Math.max(...lines.map(({ points }) => of(points)));
  return {
    across: long(([from, to]) =>
      atFoot(from![1]) && from![1] === to![1] && Math.abs(from![0] - inPoints(22)) < 0.01 ? to![0] - from![0] : 0,
    ),
    along: long(([from, to]) =>
      atFoot(from![1]) && from![0] === to![0] && Math.abs(from![0] - inPoints(8)) < 0.01
        ? Math.abs(to![1] - from![1])
        : 0,
    ),
  };
}

describe('a template, read back from the PDF', () => {
  // 1 in = 72 pt (ISO 32000-1, 8.3.2.3).
  test.each(['a4', 'letter'] as PaperName[])(
    'on %s the check dimensions are 150 and 200 mm in points',
    async (paper) => {
      const document = await drawn({ paper });
      expect(document.getPageCount()).toBe(1);
      expect(document.getPage(0).getWidth()).toBeCloseTo(inPoints(PAPERS[paper].widthMm), 3);
      const found = checkLines(document, 0);
      expect(found.across).toBeCloseTo(inPoints(CHECK_MM.across), 2);
      expect(found.along).toBeCloseTo(inPoints(CHECK_MM.along), 2);
    },
  );
  test('every corner of the outline stands where it should, to a hundredth of a millimeter', async () => {
    const paths = straightPaths(operators(await drawn(), 0));
    const real = paths.find(({ points, closed }) => closed && points.length === outline.length)!;
    const [x0, y0] = real.points[0]!;
    real.points.forEach(([x, y], index) => {
      expect(((x - x0) / 72) * 25.4).toBeCloseTo(outline[index]!.a - outline[0]!.a, 2);
      // Rows of a page run downward.
      expect((-(y - y0) / 72) * 25.4).toBeCloseTo(outline[index]!.r - outline[0]!.r, 2);
    });
  });
  test('a corrected sheet is stretched as asked, card and rules alike; on that printer it is true', async () => {
    const read = { across: 147, along: 203 };
    const { next } = printProof(read, TRUE_SIZE);
    const document = await drawn({ scale: next });
    const text = operators(document, 0);
    const found = checkLines(document, 0);
    const printer = { across: 147 / 150, along: 203 / 200 };
    expect(found.across * printer.across).toBeCloseTo(inPoints(150), 1);
    expect(found.along * printer.along).toBeCloseTo(inPoints(200), 1);
    const real = straightPaths(text).find(({ points, closed }) => closed && points.length === outline.length)!;
    expect((real.points[1]![0] - real.points[0]![0]) * printer.across).toBeCloseTo(inPoints(70), 1);
  });
  test('a card larger than the paper goes on several sheets that share a strip, all true', async () => {
    const large = outline.map(({ a, r }) => at(a * 2.4, r * 2));
    const document = await drawn({ card: brakeCard(large, 63.4, 1.5) });
    expect(document.getPageCount()).toBeGreaterThanOrEqual(4);
    const origins = document.getPages().map((_, page) => {
      const text = operators(document, page);
      expect(checkLines(document, page).across).toBeCloseTo(inPoints(150), 2);
      return straightPaths(text).find(({ points, closed }) => closed && points.length === large.length)!.points[0]!;
    });
    // The same corner on neighbouring sheets is a whole step apart: A4 leaves 180 mm across, of which 12 are shared.
    expect(((origins[0]![0] - origins[1]![0]) / 72) * 25.4).toBeCloseTo(168, 2);
    expect(origins[0]![1]).toBe(origins[1]![1]);
  });
  test('five short lines tell what to do', () => {
    for (const steps of [BRAKE_STEPS, FACE_STEPS]) {
      expect(steps).toHaveLength(5);
      for (const step of steps) expect(step.length).toBeLessThanOrEqual(110);
    }
  });
});

const polygon = (points: readonly AxialPoint[]) => new Flatten.Polygon(points.map(({ a, r }) => Flatten.point(a, r)));
const farFrom = (line: readonly AxialPoint[], closed: boolean, point: AxialPoint): number =>
  Math.min(
    ...line.slice(0, closed ? undefined : -1).map((from, index) => {
      const to = line[(index + 1) % line.length]!;
      return Flatten.point(point.a, point.r).distanceTo(
        Flatten.segment(Flatten.point(from.a, from.r), Flatten.point(to.a, to.r)),
      )[0];
    }),
  );
const inOrder = ({ cut }: Card) => {
  expect(cut).toHaveLength(1);
  expect(outlineFault(cut[0]!)).toBeNull();
  return cut[0]!;
};

describe('cards', () => {
  // Distances by @flatten-js/core.
  test.each([0, 1, 1.5, 2])(
    'a brake’s card keeps a margin of %d mm around its outline, and holds it whole',
    (margin) => {
      const cut = inOrder(brakeCard(outline, 63.4, margin));
      const whole = polygon(cut);
      const outboard = cut.filter(({ a, r }) => a > 1 && r > 100);
      for (const point of outboard) expect(farFrom(outline, true, point)).toBeCloseTo(margin, 1);
      for (const { a, r } of outline) expect(whole.contains(Flatten.point(a, r))).toBe(true);
    },
  );
  test('the spigot is as wide as the bore, and stands on the axis', () => {
    const cut = inOrder(brakeCard(outline, 63.4, 1.5));
    const spigot = cut.filter(({ a, r }) => a > 5 && r < 60);
    expect(Math.max(...spigot.map(({ r }) => r))).toBeCloseTo(31.7, 3);
    expect(Math.min(...cut.map(({ r }) => r))).toBe(0);
    const none = inOrder(brakeCard(outline, null, 1.5));
    expect(none.some(({ a, r }) => a > 1 && r < 60)).toBe(false);
  });
  test('a brake wholly outboard of the face is still one piece of card', () => {
    inOrder(
      brakeCard(
        outline.map(({ a, r }) => at(a + 60, r)),
        63.4,
        1,
      ),
    );
  });
  test.each([0, 1.5])(
    'a wheel’s card is the wheel with a margin of %d mm toward the brake, on the hub’s face',
    (margin) => {
      const cut = inOrder(faceCard(face, 63.4, margin));
      const whole = polygon(cut);
      // Seen from the brake the edge is the margin before the face.
      for (const [a, r] of [
        [10, 180],
        [36, 150],
        [30, 120],
      ] as const) {
        const card = farFrom(cut, true, at(a, r));
        const real = Math.min(farFrom(face.barrel, false, at(a, r)), farFrom(face.spoke, false, at(a, r)));
        expect(whole.contains(Flatten.point(a, r))).toBe(false);
        expect(real - card).toBeCloseTo(margin, 1);
      }
      // The pad stays at the face, with a notch for the lip.
      expect(cut.some(({ a, r }) => a === 0 && Math.abs(r - 31.7) < 1e-3)).toBe(true);
      expect(cut.some(({ a, r }) => a < -0.01 && r < 70)).toBe(false);
      expect(whole.contains(Flatten.point(5, 10))).toBe(false);
    },
  );
  test('either way along, a face gives the same card', () => {
    const back = { barrel: face.barrel.toReversed(), spoke: face.spoke.toReversed() };
    expect(outlineAreaMm2(faceCard(back, 63.4, 1).cut[0]!)).toBeCloseTo(
      outlineAreaMm2(faceCard(face, 63.4, 1).cut[0]!),
      6,
    );
  });
});
