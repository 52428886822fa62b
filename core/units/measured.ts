/** A number that may be missing: left out or null. */
export type Measured = number | null | undefined;
