import type { AxleReport, SetupReport } from '#core/evaluate';
import type { AxleName, Job, Setup } from '#core/job';
import type { Proposal } from '#core/advice/remedies';
import type { PlainWords } from './plainWords';

/** What an option of a customer is told from. */
export interface PlainCase {
  job: Job;
  setup: Setup;
  report: SetupReport;
  /** What makes it fit on an axle with the same wheel; null where nothing is needed, or nothing allowed does it. */
  remedies: Record<AxleName, Proposal | null>;
  words: PlainWords;
}

/** The report of the axle a line is of; null for the whole car. */
export const axleOf = ({ report }: PlainCase, axle: AxleName | null): AxleReport | null => axle && report[axle];
