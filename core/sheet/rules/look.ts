import { figurePlusMinus, poseWords, predictionAt, type ObstacleReport } from '#core/evaluate';
import type { FittedFigure } from '#core/fitting';
import type { Pose } from '#core/kinematics';
import { travelRange } from '#core/suspension';
import { readingPose } from '#core/sweep';
import { capital } from '#core/text';
import { carRule, cornerRule, type CornerCase, type Made } from '../case';
import type { Expected } from '../records';

/** How many parts are looked at, the nearest to their limits first. */
const NEAREST = 3;

function expected({ job, setup, report, corner }: CornerCase, figure: FittedFigure): Expected {
  const { valueMm, plusMinusMm } = predictionAt({ job, setup, report, corner }, { figure });
  return { figure, predictedMm: valueMm, plusMinusMm };
}

export const settle = carRule('settled', 'Car settled', () => [
  {
    text: 'Roll back and forth two lengths, and bounce each end. Let it stand.',
    because: 'A car let down from stands sits too high.',
  },
]);

const READ: readonly { figure: FittedFigure; text: string; because: string }[] = [
  {
    figure: 'pokeMm',
    text: 'Level upright against the fender lip, rule to the widest place of tire or rim: read the poke.',
    because: 'The target of the brief is told by it.',
  },
  {
    figure: 'archGapMm',
    text: 'Read the fender clearance, top of the tread to the lip.',
    because: 'Bump travel uses it up.',
  },
  {
    figure: 'rideHeightMm',
    text: 'Read the ride height, hub center to lip.',
    because: 'Later readings are compared at the same height.',
  },
];

export const readings = cornerRule('read', 'Read', (one) =>
  READ.map(({ figure, text, because }): Made => {
    const predicted = expected(one, figure);
    return { of: figure.replace(/Mm$/, '').toLowerCase(), text, because, expects: predicted };
  }),
);

export const dualGap = cornerRule('read-dual-gap', 'Read the gap between dual tires', (one) =>
  one.dual
    ? [
        {
          text: 'Read the gap between the dual tires at the bulge over the ground.',
          because: 'Tires that kiss under load run hot.',
          expects: expected(one, 'dualGapMm'),
        },
      ]
    : [],
);

const room = ({ clearanceMm, limitMm }: ObstacleReport): number => (clearanceMm ?? Infinity) - limitMm;

/** How a wheel is brought to a pose by hand. */
function wayTo({ steerDeg, travelMm }: Pose, restMm: number): string {
  const ways = [
    Math.abs(steerDeg) < 0.05 ? null : 'steer it there by hand',
    Math.abs(travelMm - restMm) < 0.05
      ? null
      : travelMm > restMm
        ? 'put a block under the wheel'
        : 'let the wheel hang',
  ].filter((way) => way !== null);
  const words = ways.join(', ') || 'it is so as the car stands';
  return `${capital(words)}.`;
}

/** The nearest parts, each in the pose in which it is nearest. */
export const nearest = cornerRule('look-at', 'Looked at', (one) => {
  const { figures, axle, side, words, setup } = one;
  const { restMm } = travelRange({ bumpMm: 0, droopMm: 0 }, setup.suspensionChange?.[axle]);
  return figures.obstacles
    .filter((part) => (part.side ?? side) === side && part.clearanceMm !== null)
    .sort((a, b) => room(a) - room(b))
    .slice(0, NEAREST)
    .map(({ id, label, clearanceMm, steerDeg, travelMm, verdict }): Made => {
      const pose = readingPose({ steerDeg, travelMm });
      const plusMinusMm = figurePlusMinus(figures, `obstacle:${id}`);
      const sure = plusMinusMm === null ? '' : ` ±${words.figure(plusMinusMm)}`;
      return {
        of: id,
        text: `Look at it: ${label}, ${poseWords(pose, words, restMm)}. ${wayTo(pose, restMm)}`,
        because:
          verdict === 'fail'
            ? `It is predicted to touch by ${words.length(-clearanceMm!)}${sure}.`
            : `${words.length(clearanceMm!)}${sure} of room is predicted there.`,
        expects: { figure: `obstacle:${id}`, ...pose, predictedMm: clearanceMm, plusMinusMm },
      };
    });
});

export const drive = carRule('marks', 'Driven and looked for marks', () => [
  {
    text: 'Chalk the inner shoulders and the fender edges. A slow figure of eight, then a speed bump. Look for marks.',
    because: 'A mark says more than any figure: where, and in which pose.',
  },
]);
