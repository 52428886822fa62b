import {
  AXLES,
  priceInForce,
  type AxleName,
  type Job,
  type Prices,
  type Setup,
  type SetupAxle,
  type StackPart,
  type VehicleAxle,
} from '#core/job';
import { offsetFigure, rimFigure, type Priced, type Words } from '#core/units';
import { tireBought, wheelBought } from './bought';
import type { CostCode, Wanted } from './records';

/** What a setup's cost is made of. */
export interface CostCase {
  job: Job;
  setup: Setup;
  words: Words;
}

type PriceKey = Exclude<keyof Prices, 'currency' | 'taxPct'>;

/** A price of the brief, else of the shop. */
function termPrice(key: PriceKey, job: Job): Wanted['price'] {
  const each = priceInForce(key, job);
  return each == null ? null : { each, origin: job.brief?.prices?.[key] == null ? 'shop defaults' : 'brief' };
}

/** A part's own price, else the one of its kind. */
function partPrice({ priceEach, priceFrom }: Priced, job: Job, key?: PriceKey): Wanted['price'] {
  if (priceEach != null) return { each: priceEach, origin: priceFrom ?? 'typed' };
  return key === undefined ? null : termPrice(key, job);
}

/** A rule of a cost: what a setup needs of one kind. */
export interface CostRule {
  code: CostCode;
  of(one: CostCase): Omit<Wanted, 'code'>[];
}

interface OnAxle extends CostCase {
  axle: AxleName;
  own: SetupAxle;
  car: VehicleAxle;
  /** Wheels of the axle: four where they are dual. */
  wheels: number;
}

/** A rule that looks at one axle after the other. */
const byAxle = (code: CostCode, of: (one: OnAxle) => Omit<Wanted, 'code'>[]): CostRule => ({
  code,
  of: (one) => AXLES.flatMap((axle) => of(onAxle(one, axle))),
});

function onAxle({ job, setup, words }: CostCase, axle: AxleName): OnAxle {
  const car = job.vehicle[axle] ?? {};
  return { job, setup, words, axle, own: setup[axle] ?? {}, car, wheels: car.dual ? 4 : 2 };
}

/** The pieces of a stack that are bought, one for each hub of an axle. */
const pieces = (code: CostCode, kind: StackPart['kind'], price: PriceKey) =>
  byAxle(code, ({ own, job, words, axle }) =>
    (own.stack ?? [])
      .filter((part) => part.kind === kind)
      .map((part) => ({
        label: pieceName(part, words),
        count: 2,
        price: partPrice(part, job, price),
        part: { kind: 'piece' as const, piece: part, axle },
      })),
  );

function pieceName({ label, kind, thicknessMm, outerMm, innerMm }: StackPart, words: Words): string {
  if (label) return label;
  if (kind === 'ring') return outerMm == null || innerMm == null ? 'hub ring' : `hub ring ${outerMm}–${innerMm}`;
  const name = kind === 'bolt-on' ? 'adapter' : 'spacer';
  return thicknessMm == null ? name : `${name} ${words.length(thicknessMm)}`;
}

/** Everything that a setup may cost, in the order of an order. A charge that the shop does not make is no line. */
export const COST_RULES: readonly CostRule[] = [
  byAxle('wheels', ({ own, car, wheels, job }) => {
    const wheel = wheelBought(own, car);
    if (!wheel) return [];
    const { rimDiameterIn, rimWidthIn, offsetMm } = wheel;
    const size = `${rimDiameterIn == null ? '?' : rimFigure(rimDiameterIn)} × ${rimFigure(rimWidthIn!)}`;
    const label = `wheel ${size}${offsetMm == null ? '' : ` ${offsetFigure(offsetMm)}`}`;
    return [{ label, count: wheels, price: partPrice(wheel, job), part: { kind: 'wheel', wheel } }];
  }),
  byAxle('tires', ({ own, car, wheels, job }) => {
    const tire = tireBought(own, car);
    if (!tire) return [];
    const label = [tire.label, tire.size].filter(Boolean).join(' ') || 'tire';
    return [{ label, count: wheels, price: partPrice(tire, job), part: { kind: 'tire', tire } }];
  }),
  pieces('spacers', 'slip-on', 'spacerEach'),
  byAxle('spacers', ({ own, job, words }) =>
    own.dualSpacerMm == null || own.dualSpacerMm === 0
      ? []
      : [
          {
            label: `spacer between duals ${words.length(own.dualSpacerMm)}`,
            count: 2,
            price: termPrice('spacerEach', job),
          },
        ],
  ),
  pieces('adapters', 'bolt-on', 'adapterEach'),
  pieces('rings', 'ring', 'ringEach'),
  byAxle('fasteners', ({ own, car, job, words }) => {
    const { fastener } = own;
    const lugs = car.hub?.lugCount ?? own.wheel?.lugCount;
    if (!fastener || Object.values(fastener).every((one) => one == null) || lugs == null) return [];
    const whole = { ...car.hub?.fastener, ...fastener };
    const { thread, lengthMm } = whole;
    const label = ['fastener', thread, lengthMm == null ? null : words.length(lengthMm)].filter(Boolean).join(' ');
    const part = { kind: 'fastener', fastener: whole } as const;
    return [{ label, count: 2 * lugs, price: partPrice(fastener, job), part }];
  }),
  {
    code: 'sensors',
    of(one) {
      if (one.setup.sensors?.from !== 'order') return [];
      const count = AXLES.reduce((sum, axle) => sum + onAxle(one, axle).wheels, 0);
      const mhz = one.setup.sensors.frequencyMHz ?? one.job.vehicle.tpms?.frequencyMHz;
      const part = { kind: 'named', figures: mhz == null ? '' : `${mhz} MHz` } as const;
      return [{ label: 'pressure sensor', count, price: termPrice('sensorEach', one.job), part }];
    },
  },
  byAxle('mounting', ({ own, car, wheels, job }) =>
    wheelBought(own, car) || tireBought(own, car)
      ? [{ label: 'mounting and balancing', count: wheels, price: termPrice('mountBalanceEach', job) }]
      : [],
  ),
  byAxle('disposal', ({ own, car, wheels, job }) => {
    const price = termPrice('disposalEach', job);
    return price && tireBought(own, car) ? [{ label: 'old tire disposed of', count: wheels, price }] : [];
  }),
  {
    code: 'lift',
    of: ({ job, setup }) =>
      AXLES.flatMap((axle) =>
        (setup.suspensionChange?.[axle]?.mm ?? 0) === 0
          ? []
          : [
              {
                label: `suspension parts, ${axle}`,
                count: 1,
                price: termPrice('liftKitAxle', job),
                part: { kind: 'named' as const, figures: '' },
              },
            ],
      ),
  },
  {
    code: 'alignment',
    of({ job, setup }) {
      const changes = AXLES.map((axle) => setup.suspensionChange?.[axle]);
      const isMoved = changes.some((change) => change && change.mm !== 0 && change.kind !== 'body');
      return isMoved ? [{ label: 'alignment', count: 1, price: termPrice('alignment', job) }] : [];
    },
  },
  {
    code: 'extra',
    of: ({ job, setup }) =>
      (setup.extras ?? []).map(({ label, count, priceEach, minutes }) => {
        const rate = minutes == null ? null : termPrice('labourPerHour', job);
        const labor = rate && { each: (rate.each * minutes!) / 60, origin: rate.origin };
        return {
          label,
          count: count ?? 1,
          price: priceEach == null ? labor : { each: priceEach, origin: 'typed' },
        };
      }),
  },
  {
    code: 'shipping',
    of({ job, setup }) {
      const price = termPrice('shipping', job);
      const isOrdered = AXLES.some((axle) => {
        const [own, car] = [setup[axle] ?? {}, job.vehicle[axle] ?? {}];
        return wheelBought(own, car) || tireBought(own, car) || (own.stack ?? []).length > 0;
      });
      return price && isOrdered ? [{ label: 'shipping', count: 1, price }] : [];
    },
  },
];
