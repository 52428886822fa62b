import { formatNumber } from '#core/units';
import { perAxle } from '../perAxle';
import type { PlainCase } from '../plainCase';
import { linesByAxle, type CustomerRow } from './row';

/** A change of height that is worth a word, mm; and of speed, as a share. */
const HEIGHT_MM = 2;
const SPEED = 0.005;

function speedText({ report, words }: PlainCase): string[] {
  const { ratio, points } = report.speedometer;
  if (ratio === null || Math.abs(ratio - 1) < SPEED) return [];
  const truly = points.find(({ shownKmh }) => shownKmh === 100)?.trueKmh;
  if (truly != null) return [`At ${words.speed(100)} shown the car runs ${words.speed(truly)}`];
  const percent = formatNumber(100 * Math.abs(1 - 1 / ratio), 1);
  return [`The speedometer shows ${percent} % ${ratio > 1 ? 'less' : 'more'} than it does now at the same speed`];
}

const heights = ({ report, words }: PlainCase): string[] =>
  perAxle(
    linesByAxle((axle) => {
      const change = report[axle].bodyHeightChangeMm;
      if (change === null || Math.abs(change) < HEIGHT_MM) return [];
      return [`the car stands ${words.length(change)} ${change > 0 ? 'higher' : 'lower'}`];
    }),
  );

export const onTheRoad: CustomerRow = {
  heading: 'On the road',
  lines(one) {
    const lines = [...heights(one), ...speedText(one)];
    const isKnown = one.report.speedometer.ratio !== null;
    return lines.length === 0 && isKnown ? ['As high as now, and the speedometer as now'] : lines;
  },
};
