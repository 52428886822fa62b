/** A job's number as people say it. */
export const jobNumber = (number: number): string => `SK-${String(number).padStart(3, '0')}`;
