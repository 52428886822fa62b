import { evaluateSetup, NO_SWEEPS } from '#core/evaluate';
import { effectiveOffsetMm } from '#core/stack';
import type { ShelfItem } from '#core/shelf';
import { axlesOf, setupWith } from './made';
import { bitOf } from './needs';
import type { Searched } from './searched';
import type { RoughParts } from './rough';
import { seenIn, together, type Seen } from './seen';
import { targetPokeMm } from './score';

/** A wheel on a piece, standing for all that put the tire in the same place. */
export interface Stand {
  wheel: ShelfItem;
  piece: ShelfItem | null;
}

/** Where the wheels of one rim size can stand: every place once, furthest out first. */
export interface Places {
  stands: Stand[];
  effectiveOffsetsMm: Float64Array;
  /** Places differ by more than how far out they are: each is judged for itself. */
  apart: boolean;
}

/** Which place a wheel on a piece takes. Mm. */
const standMm = ({ wheel, piece }: Stand): number => effectiveOffsetMm(wheel.offsetMm!, piece?.thicknessMm ?? 0);

/** Two wheels that stand at the same place differ still where two of them stand on a side. */
const placeKey = (stand: Stand, apart: boolean): string => {
  const { wheel } = stand;
  const own = apart ? [wheel.offsetMm, wheel.padThicknessMm] : [];
  return [standMm(stand), ...own].join('|');
};

/** Lays out the places that wheels of one size take, least effective offset first; and which place each takes. */
export function placesOf(ask: Searched, stands: readonly Stand[]): { places: Places; at: Int32Array } {
  const { vehicle } = ask.job;
  const apart = axlesOf(ask.axle).some((axle) => vehicle[axle]?.dual);
  const first = new Map<string, Stand>();
  for (const stand of stands) {
    const key = placeKey(stand, apart);
    if (!first.has(key)) first.set(key, stand);
  }
  const sorted = [...first].sort(([, one], [, other]) => standMm(one) - standMm(other));
  const index = new Map(sorted.map(([key], at) => [key, at]));
  return {
    places: {
      stands: sorted.map(([, stand]) => stand),
      effectiveOffsetsMm: Float64Array.from(sorted, ([, stand]) => standMm(stand)),
      apart,
    },
    at: Int32Array.from(stands, (stand) => index.get(placeKey(stand, apart))!),
  };
}

/** What a place says of a tire there. */
export interface PlaceSeen {
  seen: Seen;
  /** How far from the poke target the worse of the axles is, mm; null where it is not known. */
  offMm: number | null;
}

/** One tire on the rims of one size: what it fails wherever it stands, and place by place. */
export class TirePlaces {
  readonly #ask: Searched;
  readonly #tire: ShelfItem;
  readonly #places: Places;
  readonly #rough: readonly RoughParts[];
  readonly #known: (PlaceSeen & { own: number })[] = [];
  #fails: Int32Array | null = null;

  // eslint-disable-next-line max-params -- what it is made of, each once
  constructor(ask: Searched, tire: ShelfItem, places: Places, rough: readonly RoughParts[]) {
    this.#ask = ask;
    this.#tire = tire;
    this.#places = places;
    this.#rough = rough;
  }

  /** What tire and rim fail together, wherever they stand. */
  get own(): number {
    return this.at(0).own;
  }

  /** What they fail at each place, parts around the wheel included. */
  get fails(): Int32Array {
    return (this.#fails ??= this.#allFails());
  }

  /** What is said at a place, but for the parts around the wheel. */
  at(place: number): PlaceSeen & { own: number } {
    return (this.#known[place] ??= this.#judged(place));
  }

  #judged(place: number): PlaceSeen & { own: number } {
    const { job, axle, known } = this.#ask;
    const { wheel, piece } = this.#places.stands[place]!;
    const setup = setupWith(this.#ask, { wheel, tire: this.#tire, piece });
    const report = evaluateSetup(job, setup, { sweeps: NO_SWEEPS, known });
    const axles = axlesOf(axle);
    const { tire, rim, place: here } = seenIn(report, axles);
    const offs = axles.map((one) => {
      const { pokeMm } = report[one];
      return pokeMm === null ? null : Math.abs(pokeMm - targetPokeMm(job.brief, one));
    });
    return {
      seen: together(tire, rim, here),
      own: tire.fails | rim.fails,
      offMm: offs.reduce((one, other) => (one === null || other === null ? null : Math.max(one, other))),
    };
  }

  #allFails(): Int32Array {
    const { stands, effectiveOffsetsMm, apart } = this.#places;
    const fails = new Int32Array(stands.length);
    const failsAt = (place: number): number => {
      const { seen, own } = this.at(place);
      return seen.fails & ~own;
    };
    // A wheel that moves along its axis comes into a limit once and stays there.
    const fill = (from: number, to: number): void => {
      if (to - from < 2) return;
      if (fails[from] === fails[to] && !apart) return void fails.fill(fails[from]!, from + 1, to);
      const middle = (from + to) >> 1;
      fails[middle] = failsAt(middle);
      fill(from, middle);
      fill(middle, to);
    };
    const last = stands.length - 1;
    fails[0] = failsAt(0);
    fails[last] = failsAt(last);
    fill(0, last);
    const made = setupWith(this.#ask, { wheel: stands[0]!.wheel, tire: this.#tire });
    for (const rough of this.#rough) {
      const touches = rough.touching(made, effectiveOffsetsMm);
      for (let at = 0; at < touches.length; at++) if (touches[at] === 1) fails[at]! |= bitOf('obstacle');
    }
    return fails;
  }
}

/** The checks that a tire fails by itself, on whatever rim. */
export function tireFails(ask: Searched, tire: ShelfItem): number {
  const report = evaluateSetup(ask.job, setupWith(ask, { tire }), { sweeps: NO_SWEEPS, known: ask.known });
  return seenIn(report, axlesOf(ask.axle)).tire.fails;
}
