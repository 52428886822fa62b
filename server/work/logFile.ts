import { wordsIn, type UnitChoice } from '#core/units';
import { logCsv, logOf, type LoggedChange } from '#formats/log';
import { openJobOf } from '#formats/openJob';

/** The log of a job, as the database tells the job. */
export interface LogAsked {
  text: string;
  changes: readonly LoggedChange[];
  units: UnitChoice;
}

/** The log of a job as a table. */
export function logFile({ text, changes, units }: LogAsked): string {
  const { job, readings } = openJobOf(text);
  return logCsv(logOf({ job, readings, changes }, wordsIn(units)));
}
