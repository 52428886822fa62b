/** The largest drawing that is read. */
export const MAX_DRAWING_BYTES = 5 * 1024 * 1024;
