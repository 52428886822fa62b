import { bindingCheck, evaluateSetup, NO_SWEEPS, RUN_SWEEPS, type SetupReport, type SweepSource } from '#core/evaluate';
import type { AxleName, Job, Setup } from '#core/job';
import type { ShelfItem } from '#core/shelf';
import type { Hold, OnHub } from './hardware';
import { axlesOf, setupWith } from './made';
import type { FindRow, FindWeights } from './records';
import type { Searched } from './searched';
import type { RoughParts } from './rough';
import { judgedBy, seenIn, together, type Seen, type SeenBy } from './seen';
import { keyOf, rankOf, scoreOf, targetPokeMm, targetTerm, within, type Range } from './score';

/** One combination, by what it is made of. */
export interface Combination {
  wheel: ShelfItem;
  tire: ShelfItem;
  on: OnHub;
  hold: Hold;
  order: FindRow['order'];
}

/** What combinations are ranked by, the same for all of a search. */
export interface Ranking {
  weights: FindWeights;
  cost: Range;
  mass: Range;
  /** Two wheels to a side weigh twice. */
  many: number;
}

/** What a rank needs of a combination. */
interface Ranked {
  seen: Seen;
  offMm: number | null;
  coins: number | null;
}

/** Wheel, tire and stack of a corner; null where wheel or tire was not weighed. */
const massOf = ({ wheel, tire, hold }: Pick<Combination, 'wheel' | 'tire' | 'hold'>, many: number): number | null =>
  wheel.massKg == null || tire.massKg == null ? null : many * (wheel.massKg + tire.massKg) + hold.pieceKg;

/** The score of a combination, and with its verdict the key that it is ranked by. */
export function ranked(
  one: Pick<Combination, 'wheel' | 'tire' | 'hold'>,
  { seen, offMm, coins }: Ranked,
  { weights, cost, mass, many }: Ranking,
): { score: number; key: number } {
  const score = scoreOf(
    {
      target: targetTerm(offMm),
      room: seen.share,
      cost: within(cost, coins),
      mass: within(mass, massOf(one, many)),
    },
    weights,
  );
  return { score, key: keyOf(seen.rank, score) };
}

const all = (by: SeenBy): Seen => together(...Object.values(by));

/** Judges combinations as `evaluate` does; what is swept of one wheel is kept for those of the same size and place. */
export class Judge {
  readonly #ask: Searched;
  readonly #axles: readonly AxleName[];
  readonly #ranking: Ranking;
  readonly #rough: readonly RoughParts[];
  readonly #kept = new Map<string, unknown>();
  /** How many were swept. */
  swept = 0;

  constructor(ask: Searched, ranking: Ranking, rough: readonly RoughParts[]) {
    this.#ask = ask;
    this.#axles = axlesOf(ask.axle);
    this.#ranking = ranking;
    this.#rough = rough;
  }

  /** The best key that a combination may have yet: all but its sweep, and that as rough poses have it. */
  bound(one: Combination, coins: number | null): number | null {
    const setup = this.setupOf(one);
    const report = evaluateSetup(this.#ask.job, setup, { sweeps: NO_SWEEPS, known: this.#ask.known });
    const { hardware, tire, rim, place, each } = seenIn(report, this.#axles);
    const seen = together(hardware, tire, rim, place, each, ...this.#rough.map((rough) => rough.seen(setup)));
    if (seen.fails !== 0) return null;
    return ranked(one, { seen, offMm: this.#worseOff(report)?.offMm ?? null, coins }, this.#ranking).key;
  }

  /** The row of a combination with the verdict that `evaluate` gives it; null where that is a failure. */
  row(one: Combination, coins: number | null): FindRow | null {
    const { job, known } = this.#ask;
    const setup = this.setupOf(one);
    this.swept += 1;
    const plain = evaluateSetup(job, setup, { sweeps: this.#sweeps(one, false), known });
    // How sure a clearance is can only take from a verdict that is whole: drawing takes longer than the sweep.
    const whole = all(seenIn(plain, this.#axles)).rank === 0;
    const report = whole ? evaluateSetup(job, setup, { sweeps: this.#sweeps(one, true), known }) : plain;
    const seen = all(seenIn(report, this.#axles));
    if (seen.fails !== 0) return null;
    const worse = this.#worseOff(report);
    const axle = worse?.axle ?? this.#axles[0]!;
    const checks = judgedBy(report, this.#axles);
    const limit = bindingCheck(checks);
    return {
      wheel: one.wheel,
      tire: one.tire,
      stack: [one.on.piece, one.hold.ring].filter((item) => item !== null),
      fastener: one.hold.fastener,
      setup,
      verdict: (['ok', 'unknown', 'caution'] as const)[seen.rank]!,
      limitedBy: limit && { code: limit.code, label: limit.label },
      axle,
      pokeMm: report[axle].pokeMm,
      inboardGapMm: report[axle].inboardGapMm,
      offTargetMm: worse?.offTargetMm ?? null,
      roomShare: seen.share,
      cost: report.cost,
      partsCoins: coins,
      massKg: report[axle].massKg,
      score: ranked(one, { seen, offMm: worse?.offMm ?? null, coins }, this.#ranking).score,
      order: one.order,
    };
  }

  setupOf({ wheel, tire, on: { piece }, hold: { ring, fastener } }: Combination): Setup {
    return setupWith(this.#ask, { wheel, tire, piece, ring, fastener });
  }

  /** The axle that is further from the poke target; null where that of one is not known. */
  #worseOff(report: SetupReport): { axle: AxleName; offTargetMm: number; offMm: number } | null {
    let worse: { axle: AxleName; offTargetMm: number; offMm: number } | null = null;
    for (const axle of this.#axles) {
      const { pokeMm } = report[axle];
      if (pokeMm === null) return null;
      const offTargetMm = pokeMm - targetPokeMm(this.#ask.job.brief, axle);
      if (!worse || Math.abs(offTargetMm) > worse.offMm) worse = { axle, offTargetMm, offMm: Math.abs(offTargetMm) };
    }
    return worse;
  }

  /** Sweeps of the axles that are looked for, each size and place once. */
  #sweeps({ wheel, tire, on }: Combination, sure: boolean): SweepSource {
    const { rimDiameterIn, rimWidthIn, offsetMm, innerFace } = wheel;
    const size = [this.#nameOf(tire), rimDiameterIn, rimWidthIn, offsetMm, on.stackMm, JSON.stringify(innerFace)];
    const once = <T>(what: string, axle: AxleName, work: () => T): T => {
      const key = [what, axle, ...size].join('|');
      if (!this.#kept.has(key)) this.#kept.set(key, work());
      return this.#kept.get(key) as T;
    };
    const looked = (axle: AxleName) => this.#axles.includes(axle);
    const { candidate, sure: drawn } = RUN_SWEEPS;
    const made: SweepSource = {
      present: () => undefined,
      candidate: (job: Job, setup: Setup, axle) =>
        looked(axle) ? once('swept', axle, () => candidate(job, setup, axle)) : undefined,
    };
    if (sure)
      made.sure = (job, setup, axle) => (looked(axle) ? once('sure', axle, () => drawn!(job, setup, axle)) : undefined);
    return made;
  }

  readonly #names = new WeakMap<ShelfItem, number>();
  #named = 0;
  #nameOf(item: ShelfItem): number {
    const known = this.#names.get(item) ?? this.#named++;
    this.#names.set(item, known);
    return known;
  }
}

export const keyOfRow = ({ verdict, score }: FindRow): number => keyOf(rankOf(verdict), score);

/** Rows in the order they are ranked in. */
export function byRank(one: FindRow, other: FindRow): number {
  return (
    keyOfRow(one) - keyOfRow(other) ||
    one.order[0] - other.order[0] ||
    one.order[1] - other.order[1] ||
    one.order[2] - other.order[2]
  );
}
