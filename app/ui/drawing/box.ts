/** What something takes on the paper. */
export interface Box {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** Whether two lie over each other; beside each other they keep a gap. */
export const meet = (a: Box, b: Box, gap = 0): boolean =>
  a.left < b.right + gap && b.left < a.right + gap && a.top < b.bottom && b.top < a.bottom;
