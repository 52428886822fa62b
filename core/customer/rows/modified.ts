import { AXLES } from '#core/job';
import { capital } from '#core/text';
import { perAxle } from '../perAxle';
import type { PlainCase } from '../plainCase';
import { linesByAxle, type CustomerRow } from './row';

const raised = ({ setup, words }: PlainCase): string[] =>
  perAxle(
    linesByAxle((axle) => {
      const mm = setup.suspensionChange?.[axle]?.mm ?? 0;
      return mm === 0 ? [] : [`${mm > 0 ? 'raised' : 'lowered'} by ${words.length(mm)}`];
    }),
  );

/** Whether a part is touched for which nothing that was allowed makes room. */
const isStuck = ({ report, remedies }: PlainCase): boolean =>
  AXLES.some((axle) => remedies[axle] === null && report[axle].obstacles.some(({ verdict }) => verdict === 'fail'));

export const modified: CustomerRow = {
  heading: 'What is changed on the car',
  lines(one) {
    const worked = linesByAxle((axle) => (one.remedies[axle]?.remedies ?? []).map(({ words }) => words));
    const lines = [
      ...raised(one),
      ...perAxle(worked),
      ...(one.setup.extras ?? []).map(({ label }) => capital(label)),
      ...(isStuck(one) ? ['No modification that was agreed on makes it fit'] : []),
    ];
    return lines.length > 0 ? lines : ['Nothing'];
  },
};
