import { DARK, LIGHT, type Palette } from './palette';

const TEXT = ['ink', 'inkSoft', 'layout', 'presentText', 'ok', 'caution', 'fail', 'unknown'] as const;
const LINES = ['present', 'bodyEdge', 'layout', 'ok', 'caution', 'fail', 'unknown'] as const;
const GROUNDS = ['paper', 'sheet'] as const;

/** Relative luminance and contrast of two colors: WCAG 2.2, "relative luminance" and "contrast ratio". */
function luminance(color: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const share = parseInt(color.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
function contrast(one: string, other: string): number {
  const [dark, light] = [luminance(one), luminance(other)].sort((a, b) => a - b) as [number, number];
  return (light + 0.05) / (dark + 0.05);
}

test('black on white is 21 (WCAG 2.2)', () => expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 6));

describe.each<[string, Palette]>([
  ['light', LIGHT],
  ['dark', DARK],
])('%s', (_, palette) => {
  test.each(TEXT)('%s is read on paper and on sheet', (name) => {
    for (const ground of GROUNDS) expect(contrast(palette[name], palette[ground])).toBeGreaterThanOrEqual(4.5);
  });
  test.each([
    ['ok', 'okTint'],
    ['caution', 'cautionTint'],
    ['fail', 'failTint'],
    ['layout', 'layoutTint'],
    ['onLayout', 'layout'],
    ['presentText', 'presentTint'],
  ] as const)('%s is read on %s', (name, tint) =>
    expect(contrast(palette[name], palette[tint])).toBeGreaterThanOrEqual(4.5),
  );
  test.each(LINES)('a line of %s is seen', (name) => {
    for (const ground of GROUNDS) expect(contrast(palette[name], palette[ground])).toBeGreaterThanOrEqual(3);
  });
});
