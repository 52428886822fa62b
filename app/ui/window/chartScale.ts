export interface Place {
  offsetMm: number;
  rimWidthIn: number;
}

export const EDGE = { left: 66, right: 136, top: 30, bottom: 44 };
