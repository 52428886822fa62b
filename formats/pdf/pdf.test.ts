import { PDFDict, PDFDocument, PDFName, PDFRawStream } from 'pdf-lib';
import { chordMm } from '#core/hub';
import { gaugeCardPdf, PAPERS, PT_PER_MM, type GaugeCard } from '#formats/pdf';
import { paperFonts } from '#server/work/fonts';
import { operators } from '#support/readBack';

const card: GaugeCard = {
  paper: 'a4',
  patterns: [
    { lugCount: 5, boltCircleMm: 114.3 },
    { lugCount: 10, boltCircleMm: 225 },
  ],
  studMm: 12,
  boreMm: 63.4,
};
const drawn = async (part: Partial<GaugeCard> = {}) =>
  PDFDocument.load(await gaugeCardPdf({ ...card, ...part }, paperFonts()));

/** Circles of a page as middle and diameter in mm: pdfkit draws them as four Bézier arcs that begin at their left. */
function circles(text: string): { x: number; y: number; diameter: number }[] {
  const number = '(-?[\\d.]+)';
  const arc = `${Array.from({ length: 6 }, () => number).join(' ')} c`;
  const found = text.matchAll(new RegExp(`${number} ${number} m\\n(?:${arc}\\n)${arc}\\n`, 'g'));
  return [...found].map((match) => {
    const [left, y] = [Number(match[1]), Number(match[2])];
    const right = Number(match[13]);
    return { x: (left + right) / 2 / PT_PER_MM, y: y / PT_PER_MM, diameter: (right - left) / PT_PER_MM };
  });
}

describe('gauge card, read back from the PDF', () => {
  test.each(['a4', 'letter'] as const)(
    '%s has the paper’s size: one sheet a pattern, and the bore gauge',
    async (paper) => {
      const document = await drawn({ paper });
      expect(document.getPageCount()).toBe(3);
      const { width, height } = document.getPage(0).getSize();
      expect(width).toBeCloseTo((PAPERS[paper].widthMm / 25.4) * 72, 3);
      expect(height).toBeCloseTo((PAPERS[paper].heightMm / 25.4) * 72, 3);
      if (paper === 'letter') expect([width, height]).toEqual([612, 792]);
    },
  );
  test('five holes of 12 mm stand on 114.3 mm, each pair as far apart as its chord', async () => {
    const holes = circles(operators(await drawn(), 0)).filter(({ diameter }) => Math.abs(diameter - 12) < 0.01);
    expect(holes).toHaveLength(5);
    holes.forEach((hole, index) => {
      const next = holes[(index + 1) % 5]!;
      const over = holes[(index + 2) % 5]!;
      expect(Math.hypot(hole.x - next.x, hole.y - next.y)).toBeCloseTo(chordMm(114.3, 5, 1), 2);
      expect(Math.hypot(hole.x - over.x, hole.y - over.y)).toBeCloseTo(chordMm(114.3, 5, 2), 2);
    });
  });
  test('the bore is drawn at its size, around the middle of the holes', async () => {
    const all = circles(operators(await drawn(), 0));
    const bore = all.find(({ diameter }) => Math.abs(diameter - 63.4) < 0.01)!;
    const holes = all.filter(({ diameter }) => Math.abs(diameter - 12) < 0.01);
    expect(holes.reduce((sum, { x }) => sum + x, 0) / 5).toBeCloseTo(bore.x, 2);
    expect(holes.reduce((sum, { y }) => sum + y, 0) / 5).toBeCloseTo(bore.y, 2);
  });
  test('a circle larger than the paper shows the holes that fit, still on their circle', async () => {
    for (const paper of ['a4', 'letter'] as const) {
      const holes = circles(operators(await drawn({ paper }), 1)).filter(
        ({ diameter }) => Math.abs(diameter - 12) < 0.01,
      );
      expect(holes.length).toBeGreaterThanOrEqual(3);
      expect(holes.length).toBeLessThan(10);
      const [first, second] = holes;
      expect(Math.hypot(first!.x - second!.x, first!.y - second!.y)).toBeCloseTo(chordMm(225, 10, 1), 2);
    }
  });
  test('the printed rules are 150 mm and 9 in long: 9 in are 648 points', async () => {
    const text = operators(await drawn(), 0);
    const lines = [...text.matchAll(/(-?[\d.]+) (-?[\d.]+) m\n(-?[\d.]+) (-?[\d.]+) l/g)].map((match) =>
      match.slice(1).map(Number),
    );
    const across = Math.max(...lines.filter(([, y1, , y2]) => y1 === y2).map(([x1, , x2]) => Math.abs(x2! - x1!)));
    const up = Math.max(...lines.filter(([x1, , x2]) => x1 === x2).map(([, y1, , y2]) => Math.abs(y2! - y1!)));
    expect(across).toBeCloseTo((150 / 25.4) * 72, 2);
    expect(up).toBeCloseTo(648, 2);
  });
  test('the taper reads right: between its edges lies what stands beside it', async () => {
    const text = operators(await drawn({ boreMm: 63.4 }), 2);
    const outline =
      /(-?[\d.]+) (-?[\d.]+) m\n(-?[\d.]+) (-?[\d.]+) l\n(-?[\d.]+) (-?[\d.]+) l\n(-?[\d.]+) (-?[\d.]+) l\nh/.exec(
        text,
      )!;
    const [x1, y1, x2, , x3, y3, x4] = outline.slice(1).map((figure) => Number(figure) / PT_PER_MM);
    expect(x2! - x1!).toBeCloseTo(45, 2);
    expect(x3! - x4!).toBeCloseTo(85, 2);
    // 40 mm of diameter over a whole number of mm each: a step of 1 mm in height is the same diameter everywhere.
    expect((y3! - y1!) % 40).toBeCloseTo(0, 2);
  });
  test('fonts are embedded, and nothing on a page is a picture', async () => {
    const document = await drawn();
    const objects = document.context.enumerateIndirectObjects().map(([, object]) => object);
    const descriptors = objects.filter(
      (object) => object instanceof PDFDict && object.get(PDFName.of('Type')) === PDFName.of('FontDescriptor'),
    ) as PDFDict[];
    expect(descriptors.length).toBeGreaterThanOrEqual(3);
    for (const descriptor of descriptors) expect(descriptor.has(PDFName.of('FontFile2'))).toBe(true);
    for (const object of objects)
      if (object instanceof PDFRawStream) expect(object.dict.get(PDFName.of('Subtype'))).not.toBe(PDFName.of('Image'));
  });
});
