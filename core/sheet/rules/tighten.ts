import { starOrder, torqueStages } from '#core/fastener';
import { predictionAt } from '#core/evaluate';
import type { Words } from '#core/units';
import { carRule, cornerRule, type CarCase, type CornerCase, type Made } from '../case';

const orderText = (lugCount: number | null | undefined): string =>
  lugCount == null || lugCount < 3 || lugCount > 10
    ? 'crosswise'
    : `in the order ${starOrder(lugCount)
        .map((place) => place + 1)
        .join('–')}`;

const stagesText = (stages: readonly number[], words: Words): string =>
  stages.map((nm) => words.measure('torque', nm)).join(', ');

/** Torque in stages, or where it is to be found; a mock-up is drawn up with the first stage alone. */
function torque(
  torqueNm: number | null | undefined,
  { words, kind }: Pick<CarCase, 'words' | 'kind'>,
): Required<Pick<Made, 'torqueNm'>> & { said: string } {
  if (torqueNm == null) return { torqueNm: null, said: 'to the maker’s torque (not in this job: look it up)' };
  const stages = torqueStages(torqueNm);
  if (kind === 'mock-up') {
    const first = stages.slice(0, 1);
    return { torqueNm: first, said: `to ${stagesText(first, words)}: enough to read it, not to drive on` };
  }
  return { torqueNm: stages, said: `in stages: ${stagesText(stages, words)}` };
}

/** An adapter's own nuts, before the wheel hides them. */
export const adapters = cornerRule(
  'adapter-nuts',
  'Adapter nuts tightened',
  ({ job, pieces, hardware, words, kind: made }) =>
    pieces
      .filter(({ kind }) => kind === 'bolt-on')
      .map(({ thicknessMm }, at, all) => {
        const { torqueNm, said } = torque(hardware.hub.fastener?.torqueNm, { words, kind: made });
        const { lugCount } = hardware.hubPattern.pattern;
        return {
          ...(all.length > 1 ? { of: String(at + 1) } : {}),
          text:
            `Tighten the adapter’s own nuts ${orderText(hardware.hubPattern.pattern.lugCount)}, ${said}.` +
            ' Hold the hub with a bar across two studs, or a helper on the brake.' +
            (job.house?.fitUp?.threadlock === 'never' ? ' No threadlock.' : ' Threadlock only where its maker asks.'),
          because:
            `The ${thicknessMm == null ? '' : `${words.length(thicknessMm)} `}adapter carries the wheel,` +
            ' and its nuts cannot be reached with the wheel on.',
          torqueNm,
          tightens: { joint: 'adapter' as const, lugCount: lugCount ?? null },
        };
      }),
);

export const byHand = cornerRule(
  'started-by-hand',
  'Fasteners started by hand',
  ({ figures: { fastening }, words, dual }) => {
    const joint = fastening.joints.at(-1);
    const turns = joint?.turns ?? null;
    return [
      {
        text:
          `${dual ? 'Inner wheel, then outer, valves opposite. ' : 'Wheel on. '}Start every nut or bolt by hand` +
          (turns === null ? ' for its whole thread.' : `: ${words.number(turns)} turns until it seats.`),
        because:
          joint?.engagementMm == null
            ? 'How much thread holds is not known: count the turns, and read it.'
            : `${words.length(joint.engagementMm)} of thread must hold; one that binds is crossed, or bottoms out.`,
      },
    ];
  },
);

export const turnsFree = cornerRule('turns-free', 'Wheel turned free of the brake', (one) => {
  const { figures, corner, job, setup, report, words } = one;
  const { spokeMm, barrelMm } = figures.brake;
  const least = [spokeMm, barrelMm].filter((mm) => mm !== null);
  const expected = predictionAt({ job, setup, report, corner }, { figure: 'brakeSpokeMm' });
  return [
    {
      text: 'Turn the wheel by hand, one full turn: it runs free of the brake and its weights.',
      because:
        least.length > 0
          ? `Least room predicted: ${words.length(Math.min(...least))}.`
          : 'The room of the brake was not measured: this turn is the only look at it.',
      expects:
        expected.valueMm === null
          ? null
          : { figure: 'brakeSpokeMm', predictedMm: expected.valueMm, plusMinusMm: expected.plusMinusMm },
    },
  ];
});

const wheelTorque = ({ hardware: { adapter, hub } }: CornerCase): number | null =>
  (adapter ? adapter.torqueNm : hub.fastener?.torqueNm) ?? null;

export const wheelNuts = cornerRule('wheel-torque', 'Wheel tightened', (one) => {
  const { hardware, kind } = one;
  const { torqueNm, said } = torque(wheelTorque(one), one);
  const { lugCount } = hardware.carries;
  return [
    {
      text:
        `Tighten ${orderText(lugCount)}, ${said}.` +
        (kind === 'mock-up'
          ? ''
          : ' The first stages with the wheel off the ground, the last with the car on its wheels.'),
      because: hardware.adapter
        ? 'The adapter’s studs hold the wheel, not the car’s.'
        : 'Drawn down across, stage by stage, the pad seats square.',
      torqueNm,
      tightens: { joint: 'wheel' as const, lugCount: lugCount ?? null },
    },
  ];
});

export const settleAndAgain = carRule('torque-after-settling', 'Torqued again after settling', () => [
  {
    text: 'Car on its wheels: the last stage again, every wheel.',
    because: 'New faces and seats give a little under the first load.',
  },
]);
