export interface Place {
  offsetMm: number;
  rimWidthIn: number;
}

export const EDGE = { left: 66, right: 136, top: 30, bottom: 44 };

export const xInverse = (x: (mm: number) => number, pixel: number): number => {
  const [zero, ten] = [x(0), x(10)];
  return ((pixel - zero) / (ten - zero)) * 10;
};
