import { WIDTH_STEP_IN } from '#core/advice/window';

/** The nearest place of the grid: whole millimeters, half inches. */
export const snapped = (offsetMm: number, rimWidthIn: number) => ({
  offsetMm: Math.round(offsetMm),
  rimWidthIn: Math.round(rimWidthIn / WIDTH_STEP_IN) * WIDTH_STEP_IN,
});
