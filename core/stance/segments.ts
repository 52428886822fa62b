/** How finely a wheel is turned; a multiple of four. */
export const SEGMENTS = 72;
