import { judgeReach, reachOf, withReach, type ReachReading, type ReachReadings } from '#core/brake';
import type { AxleName, Job } from '#core/job';
import { rangeOf } from '#formats/fields';
import { cardOf, setAt, type WalkCard } from './card';

const STANDS = 'Wheel off, car on stands. Lay a straightedge across the hub face';
const TOOL = 'Straightedge and depth gauge.';

/** One figure of what is read of a brake. */
interface ReachFigure {
  key: string;
  title: string;
  where: string;
  range: 'reachMm' | 'radiusMm';
  value: number | null | undefined;
  /** The readings with this figure. */
  with(value: number): ReachReadings;
  /** Which row of them it stands in. */
  row: number | null;
}

/** The outline of a brake, read with a straightedge across the hub face, from the hub outward. */
export function brakeCards({ vehicle }: Job, axle: AxleName): WalkCard[] {
  const { rotorDiameterMm, ...caliper } = vehicle[axle]?.caliper ?? {};
  const read = reachOf(caliper);
  const rows = read.rows ?? [];
  const withRow = (at: number, figure: ReachReading): ReachReadings => ({
    ...read,
    rows: [...rows.slice(0, at), { ...rows[at], ...figure }, ...rows.slice(at + 1)],
  });
  const figures: ReachFigure[] = [
    {
      key: 'back',
      title: 'Back of the brake',
      where: `${STANDS}; measure how far inboard of it the brake ends, with a minus.`,
      range: 'reachMm',
      value: read.backMm,
      with: (backMm) => ({ ...read, backMm }),
      row: null,
    },
    // One more than there are: the last one stays empty.
    ...[...rows, {}].flatMap((row: ReachReading, at): ReachFigure[] => [
      {
        key: `radius.${at}`,
        title: `Brake, radius ${at + 1}`,
        where:
          'From the hub’s axis outward to where the brake is read next; its outer edge is the last. ' +
          'Leave it empty when the outer edge is read.',
        range: 'radiusMm',
        value: row.radiusMm,
        with: (radiusMm) => withRow(at, { radiusMm }),
        row: at,
      },
      {
        key: `reach.${at}`,
        title: `Brake, reach at radius ${at + 1}`,
        where: `${STANDS}; at this radius measure how far the brake stands outboard of it.`,
        range: 'reachMm',
        value: row.reachMm,
        with: (reachMm) => withRow(at, { reachMm }),
        row: at,
      },
    ]),
  ];
  const common = { axle, station: 'brakes', entry: 'length', optional: true } as const;
  return [
    cardOf({
      ...common,
      id: `${axle}.caliper.rotorDiameterMm`,
      title: 'Rotor diameter',
      range: rangeOf({ range: 'rotorDiameterMm' }),
      help: { where: 'Across the rotor’s outer edge.', tool: 'Tape or caliper.' },
      value: rotorDiameterMm ?? null,
      put: setAt(['vehicle', axle, 'caliper', 'rotorDiameterMm']),
    }),
    ...figures.map((figure) =>
      cardOf({
        ...common,
        id: `${axle}.caliper.${figure.key}`,
        title: figure.title,
        range: rangeOf({ range: figure.range }),
        help: { where: figure.where, tool: TOOL },
        value: figure.value ?? null,
        run: `${axle} brake`,
        check: (value) => faultIn(figure.with(value), figure.row),
        put: ({ vehicle: now }, { value }) => [
          {
            op: 'set',
            path: ['vehicle', axle, 'caliper'],
            value: withReach(now[axle]?.caliper ?? {}, figure.with(Number(value))),
          },
        ],
      }),
    ),
  ];
}

/** What is wrong with a row beside the others, as soon as all of them are whole. */
function faultIn({ backMm, rows = [] }: ReachReadings, row: number | null): string | null {
  const whole = rows.filter(({ radiusMm, reachMm }) => radiusMm != null && reachMm != null);
  const judged = judgeReach({ backMm, rows: whole });
  return row !== null && judged.row === row ? judged.fault : null;
}
