import { AXLES, type AxleName } from '#core/job';
import type { AxleLine } from '../perAxle';
import type { PlainCase } from '../plainCase';

/** A row of a customer's sheet: what is said of every option side by side. */
export interface CustomerRow {
  heading: string;
  /** Sentences; none where there is nothing to say. */
  lines(one: PlainCase): string[];
}

/** What is said of each axle. */
export const linesByAxle = (of: (axle: AxleName) => readonly string[]): AxleLine[] =>
  AXLES.flatMap((axle) => of(axle).map((text) => ({ axle, text })));
