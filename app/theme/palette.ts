export type ThemeName = 'light' | 'dark';

/** The colors of the table, by meaning. Text colors reach 4.5:1 on paper and on sheet. */
export interface Palette {
  paper: string;
  sheet: string;
  ink: string;
  inkSoft: string;
  rule: string;
  ruleFaint: string;
  /** The candidate. */
  layout: string;
  layoutTint: string;
  /** Words on the layout color. */
  onLayout: string;
  /** What is on the car now. */
  present: string;
  presentText: string;
  presentTint: string;
  /** The car itself. */
  body: string;
  bodyEdge: string;
  ok: string;
  okTint: string;
  caution: string;
  cautionTint: string;
  fail: string;
  failTint: string;
  unknown: string;
}

export const LIGHT: Palette = {
  paper: '#efede4',
  sheet: '#fbfaf5',
  ink: '#20262b',
  inkSoft: '#5d666b',
  rule: '#d3cfc1',
  ruleFaint: '#e6e3d8',
  layout: '#2a3f8f',
  layoutTint: '#dde3f4',
  onLayout: '#ffffff',
  present: '#8c8573',
  presentText: '#6b6555',
  presentTint: '#eae6da',
  body: '#e3dfd2',
  bodyEdge: '#5d666b',
  ok: '#1a6e5c',
  okTint: '#dcebe5',
  caution: '#94560a',
  cautionTint: '#f3e6cf',
  fail: '#b3261e',
  failTint: '#f6ddd9',
  unknown: '#5c6468',
};

export const DARK: Palette = {
  paper: '#15191c',
  sheet: '#1c2125',
  ink: '#e8e5db',
  inkSoft: '#a3aaad',
  rule: '#3a4247',
  ruleFaint: '#2a3136',
  layout: '#a9b8f5',
  layoutTint: '#2a3558',
  onLayout: '#15191c',
  present: '#9a9380',
  presentText: '#b5ae9b',
  presentTint: '#2e2d28',
  body: '#363b3e',
  bodyEdge: '#a3aaad',
  ok: '#5cc3a8',
  okTint: '#1d3a34',
  caution: '#e0a24a',
  cautionTint: '#42341c',
  fail: '#f28b80',
  failTint: '#4a2724',
  unknown: '#9aa2a6',
};

/**
 * Where the reader's system chooses all colors: lines and letters in its own. Drawings need it said, for of those
 * nothing is replaced by itself; what verdicts mean stands in their words and signs.
 */
export const FORCED: Palette = {
  paper: 'Canvas',
  sheet: 'Canvas',
  ink: 'CanvasText',
  inkSoft: 'CanvasText',
  rule: 'color-mix(in srgb, CanvasText 40%, Canvas)',
  ruleFaint: 'color-mix(in srgb, CanvasText 16%, Canvas)',
  layout: 'LinkText',
  layoutTint: 'Canvas',
  onLayout: 'Canvas',
  present: 'GrayText',
  presentText: 'CanvasText',
  presentTint: 'Canvas',
  body: 'Canvas',
  bodyEdge: 'CanvasText',
  ok: 'CanvasText',
  okTint: 'Canvas',
  caution: 'CanvasText',
  cautionTint: 'Canvas',
  fail: 'CanvasText',
  failTint: 'Canvas',
  unknown: 'CanvasText',
};

/** A palette as CSS custom properties. */
export const cssProperties = (palette: Palette): string =>
  Object.entries(palette)
    .map(([name, color]) => `--${name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}:${color}`)
    .join(';');
