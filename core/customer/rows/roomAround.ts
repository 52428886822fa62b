import type { AxleName } from '#core/job';
import { perAxle } from '../perAxle';
import { howSure, placeText, plainText, tightest } from '../plainChecks';
import type { PlainCase } from '../plainCase';
import { linesByAxle, type CustomerRow } from './row';

function tightestText(one: PlainCase, axle: AxleName): string[] {
  const check = tightest(one, axle);
  if (!check) return [];
  const value = check.value!;
  if (check.verdict === 'fail') return [plainText(check, 'fail', one)];
  if (value <= 0 || one.words.isNone(value)) return [plainText(check, 'caution', one)];
  const sure = howSure(check);
  return [`tightest at ${placeText(check, one)!}, ${one.words.length(value)}${sure ? `: ${sure}` : ''}`];
}

export const roomAround: CustomerRow = {
  heading: 'Room around it',
  lines: (one) => perAxle(linesByAxle((axle) => tightestText(one, axle))),
};
