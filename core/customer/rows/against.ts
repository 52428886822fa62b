import { allChecks } from '#core/evaluate';
import { capital } from '#core/text';
import { perAxle, type AxleLine } from '../perAxle';
import { plainText } from '../plainChecks';
import type { PlainCase } from '../plainCase';
import type { CustomerRow } from './row';

/** Sentences of every check of a verdict. */
const linesOf = (one: PlainCase, verdict: 'caution' | 'fail' | 'unknown'): AxleLine[] =>
  allChecks(one.report)
    .filter((check) => check.verdict === verdict)
    .map((check) => ({ axle: check.axle, text: plainText(check, verdict, one) }));

/** What fails, then what needs care, then what somebody said when it was decided. */
export const against: CustomerRow = {
  heading: 'What speaks against it',
  lines(one) {
    const why = one.job.decision?.against?.find(({ setup }) => setup === one.setup.id)?.why;
    const lines = [...perAxle([...linesOf(one, 'fail'), ...linesOf(one, 'caution')]), ...(why ? [capital(why)] : [])];
    return lines.length > 0 ? lines : ['Nothing that was found'];
  },
};

export const open: CustomerRow = {
  heading: 'What is not known yet',
  lines: (one) => perAxle(linesOf(one, 'unknown')),
};
