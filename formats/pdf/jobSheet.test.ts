import { PDFDocument } from 'pdf-lib';
import { NO_SWEEPS } from '#core/evaluate';
import { OUTER_CORNERS, type Corner } from '#core/fitting';
import { paperSteps, stepsOfFitting, type PaperStep } from '#core/sheet';
import { PAPERS, PT_PER_MM, jobSheetPdf, type JobSheet } from '#formats/pdf';
import { paperFonts } from '#server/work/fonts';
import { demoJob, type DemoName } from '#support/jobs';
import { pdfText } from '#support/pdfText';
import { operators, straightPaths } from '#support/readBack';

const STILL = { sweeps: NO_SWEEPS };
const stepsOf = (name: DemoName, setup: string, corners: readonly Corner[] = OUTER_CORNERS): PaperStep[] =>
  paperSteps(
    stepsOfFitting(
      demoJob(name),
      { kind: 'final', corners: Object.fromEntries(corners.map((corner) => [corner, { setup }])) },
      STILL,
    ),
  );
const drawn = async (steps: readonly PaperStep[], part: Partial<JobSheet> = {}) =>
  PDFDocument.load(
    await jobSheetPdf(
      { paper: 'a4', title: 'Job sheet, final', subtitle: 'SK-001', logo: null, steps, unit: 'mm', ...part },
      paperFonts(),
    ),
  );

const BOX_PT = 4.2 * PT_PER_MM;
/** Boxes to tick on a page: closed squares of one size. */
const boxes = (document: PDFDocument, page: number): number =>
  straightPaths(operators(document, page)).filter(({ points, closed }) => {
    const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
    const [wide, high] = [xs, ys].map((some) => Math.max(...some) - Math.min(...some)) as [number, number];
    return closed && Math.abs(wide - BOX_PT) < 0.05 && Math.abs(high - BOX_PT) < 0.05;
  }).length;

test.each<[DemoName, string]>([
  ['brindle-kite', 'b'],
  ['velder-two', 'a'],
  ['orrin-haul', 'b'],
  ['pallas-tender', 'a'],
])('%s, setup %s: one to two pages of either paper, a box for every corner of every step', async (name, setup) => {
  const steps = stepsOf(name, setup);
  const wanted = steps.reduce((sum, { corners }) => sum + Math.max(1, corners.length), 0);
  for (const paper of ['a4', 'letter'] as const) {
    const document = await drawn(steps, { paper });
    expect(document.getPageCount()).toBeLessThanOrEqual(2);
    expect(document.getPage(0).getSize().width).toBeCloseTo(PAPERS[paper].widthMm * PT_PER_MM, 3);
    const found = document.getPageIndices().reduce((sum, page) => sum + boxes(document, page), 0);
    expect(found).toBe(wanted);
  }
});

test('what several corners do alike is printed once; what is read, with each corner’s own prediction', () => {
  const steps = stepsOf('brindle-kite', 'b');
  const hub = steps.filter(({ text }) => text.startsWith('Wheel off.'));
  expect(hub.map(({ corners }) => corners)).toEqual([OUTER_CORNERS]);
  const poke = steps.find(({ expects }) => expects[0]?.expected.figure === 'pokeMm')!;
  expect(poke.expects.map(({ corner }) => corner)).toEqual(OUTER_CORNERS);
  expect(steps.every(({ corners }) => new Set(corners).size === corners.length)).toBe(true);
});

test('nothing is printed beyond the edges of the paper', async () => {
  const document = await drawn(stepsOf('brindle-kite', 'b'));
  for (const page of document.getPageIndices())
    for (const { points } of straightPaths(operators(document, page)))
      for (const [x, y] of points) {
        expect(x).toBeGreaterThan(0);
        expect(x).toBeLessThan(PAPERS.a4.widthMm * PT_PER_MM);
        expect(y).toBeGreaterThan(0);
        expect(y).toBeLessThan(PAPERS.a4.heightMm * PT_PER_MM);
      }
});

test('every step, and why it is there, is to be read, by another library', async () => {
  const steps = stepsOf('velder-two', 'a');
  const bytes = await jobSheetPdf(
    { paper: 'a4', title: 'Job sheet, final', subtitle: 'SK-001', logo: null, steps, unit: 'mm' },
    paperFonts(),
  );
  const text = pdfText(bytes).join(' ').replaceAll(/\s+/g, '');
  for (const { text: step, because } of steps)
    for (const words of [step, because ?? '']) expect(text).toContain(words.replaceAll(/\s+/g, ''));
});

test('a sheet without a step is a page that says so in its head', async () => {
  expect((await drawn([])).getPageCount()).toBe(1);
});
