import { roomOn, type AxleName } from '#core/job';
import { faceWords } from '../faceWords';
import { perAxle } from '../perAxle';
import type { PlainCase } from '../plainCase';
import { linesByAxle, type CustomerRow } from './row';

/** From how much on a ± is worth a word, mm. */
const WORTH_A_WORD_MM = 1;

function standing({ job, report, words }: PlainCase, axle: AxleName): string[] {
  const { pokeMm, left, checks } = report[axle];
  if (pokeMm === null) return [];
  const now = roomOn(job.vehicle[axle], 'right').outboardGapMm;
  const right = faceWords(pokeMm, words);
  const other = left?.pokeMm == null ? right : faceWords(left.pokeMm, words);
  const plusMinus = checks.find(({ code }) => code === 'fender')?.plusMinus ?? 0;
  return [
    (other === right ? right : `${right} on the right, ${other} on the left`) +
      (plusMinus < WORTH_A_WORD_MM ? '' : `, give or take ${words.length(plusMinus)}`) +
      (now == null ? '' : ` (now ${faceWords(-now, words).replace(' the fender', '')})`),
  ];
}

export const stands: CustomerRow = {
  heading: 'How it stands',
  lines: (one) => perAxle(linesByAxle((axle) => standing(one, axle))),
};
