/** The axles of a car. */
export const AXLES = ['front', 'rear'] as const;
export type AxleName = (typeof AXLES)[number];
