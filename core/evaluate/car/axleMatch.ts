import { formatNumber } from '#core/units';
import {
  AXLE_MATCH_TWO_DRIVEN_PCT,
  axleMatchCarePct,
  axleMatchVerdict,
  drivesBoth,
  limitInForce,
  type Drive,
} from '#core/verdict';
import { carCheck, missing, originText } from '../check';
import type { ByAxle, CarCase } from './case';

const ratioOf = ({ front, rear }: ByAxle<number | null>): number | null =>
  front === null || rear === null ? null : front / rear;

/**
 * What the tires do to the car's own ratio of front to rear diameter: a maker's staggered sizes are right as they are.
 * A change works the center differential of a car that drives both axles, and the wheel speeds that brake and stability
 * control compare.
 */
export const axleMatch = carCheck({
  label: 'Front to rear diameter',
  group: 'car',
  kind: 'range',
  unit: '%',
  judge({ job, next, now, words }: Pick<CarCase, 'job' | 'next' | 'now' | 'words'>) {
    const { vehicle } = job;
    const limit = limitInForce('axleMatchPct', job);
    const [ratio, own] = [ratioOf(next), ratioOf(now)];
    const drive = vehicle.drive ?? null;
    const stabilityControl = vehicle.stabilityControl ?? true;
    const value = ratio === null || own === null ? null : 100 * (ratio / own - 1);
    const both = drivesBoth(drive);
    const care = both || drive === null ? axleMatchCarePct(limit.value) : AXLE_MATCH_TWO_DRIVEN_PCT;
    const carePct = () => formatNumber(care);
    return {
      value,
      limit: care,
      margin: value === null ? null : care - Math.abs(value),
      verdict: axleMatchVerdict(value, limit.value, { drive, stabilityControl }),
      lines() {
        if (ratio === null) return missing('both tires are needed');
        if (own === null) return missing("the car's own ratio: the tires on it now, front and rear, are needed");
        return [
          `new ${ratioText(next, words.figure, ratio)}; now ${ratioText(now, words.figure, own)}`,
          `${formatNumber(ratio, 4)} / ${formatNumber(own, 4)} − 1 = ${formatNumber(value!, 2, true)} %`,
          drive === null ? 'how the car is driven is not known' : DRIVEN[drive],
          ...(both
            ? [`care above ${carePct()} %, no further than ${formatNumber(limit.value)} %, ${originText(limit)}`]
            : []),
          ...(both || drive === null ? [] : [twoDriven(vehicle.stabilityControl)]),
        ];
      },
    };
  },
});

const ratioText = (of: ByAxle<number | null>, figure: (mm: number) => string, ratio: number): string =>
  `${figure(of.front!)} / ${figure(of.rear!)} = ${formatNumber(ratio, 4)}`;

const twoDriven = (stabilityControl: boolean | undefined): string =>
  stabilityControl === false
    ? 'no stability control: for information only'
    : `care above ${AXLE_MATCH_TWO_DRIVEN_PCT} %: brake and stability control compare wheel` +
      ` speeds${stabilityControl === undefined ? ' (that the car has it is assumed)' : ''}`;

/** What a difference means by how a car is driven. */
const DRIVEN: Record<Drive, string> = {
  fwd: 'front wheels driven: no differential between the axles',
  rwd: 'rear wheels driven: no differential between the axles',
  awd: 'both axles always driven: the center differential or coupling turns all the time',
  '4wd': 'both axles locked together when engaged: the drive winds up on grip',
};
