import { remediesOf, type Proposal } from '#core/advice/remedies';
import type { AxleReport, SetupReport } from '#core/evaluate';
import type { AxleName, Job, Setup } from '#core/job';
import type { UnitChoice } from '#core/units';
import type { PlainCase } from './plainCase';

/** Whether a part of the body must give way. */
const isShort = ({ obstacles }: AxleReport): boolean =>
  obstacles.some(({ verdict }) => verdict === 'fail' || verdict === 'caution');

interface Judged {
  job: Job;
  setup: Setup;
  report: SetupReport;
  unit: UnitChoice;
}

/** The cheapest way to make room with the same wheel, axle by axle. */
export function remediesFor({ job, setup, report, unit }: Judged): PlainCase['remedies'] {
  const of = (axle: AxleName): Proposal | null => {
    if (!isShort(report[axle])) return null;
    const { proposals } = remediesOf({ job: { ...job, setups: [] }, setup, axle, unit });
    return proposals.find(({ remedies }) => remedies.every(({ remedy }) => isOnCar(remedy.kind))) ?? null;
  };
  return { front: of('front'), rear: of('rear') };
}

/** Whether a remedy leaves the wheel and its stack as they are. */
const isOnCar = (kind: Proposal['remedies'][number]['remedy']['kind']): boolean => kind === 'work' || kind === 'lift';
