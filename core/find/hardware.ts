import { costOf, moneyIn, type CostCode } from '#core/cost';
import { evaluateSetup, NO_SWEEPS } from '#core/evaluate';
import { priceInForce } from '#core/job';
import type { ShelfItem } from '#core/shelf';
import { wordsIn } from '#core/units';
import { axlesOf, setupWith, type Mix } from './made';
import { bitOf } from './needs';
import { ringsFor, type Offer } from './offer';
import type { FindAsk } from './records';
import type { Searched } from './searched';
import { rankOf } from './score';
import { judgedBy, seenIn, type Seen } from './seen';

/** What is paid for parts alone: the work on them is the same for every combination. */
const PARTS: ReadonlySet<string> = new Set<CostCode>(['wheels', 'tires', 'spacers', 'adapters', 'rings', 'fasteners']);

/** What the parts of a mix come to, in whole coins; null where a price is missing. */
export function partsCoins(ask: Pick<FindAsk, 'job' | 'axle'>, mix: Mix): number | null {
  const { job, axle } = ask;
  const money = moneyIn(priceInForce('currency', job) ?? null);
  const { lines } = costOf({ job, setup: setupWith({ setup: { id: '' }, axle }, mix), words: wordsIn('mm') });
  let coins = 0;
  for (const { code, total } of lines) {
    if (!PARTS.has(code)) continue;
    if (total === null) return null;
    coins += money.coins(total);
  }
  return coins;
}

/** One way to put a wheel on the hub with a piece of the stack: the ring in its bore, and what holds it. */
export interface Hold {
  ring: ShelfItem | null;
  fastener: ShelfItem | null;
  seen: Seen;
  coins: number | null;
  pieceKg: number;
  /** Its place among all ways of the wheel: what is equal otherwise is ranked by it. */
  order: number;
}

/** A wheel on one piece of the stack, by all its ways; without a way that holds, by what the best of them fails. */
export interface OnHub {
  piece: ShelfItem | null;
  stackMm: number;
  fails: number;
  holds: Hold[];
}

/** What a ring or what holds the wheel can mend. */
const MENDED = ['centring', 'center-cap', 'fastening', 'seat', 'lug-hole', 'bolt-lengths'] as const;
const HELD = MENDED.reduce((all, code) => all | bitOf(code), 0);
const PATTERN = bitOf('pattern');

/** How a wheel goes on the hub, by each piece there is. */
export function onHubs(ask: Searched, offer: Offer, wheel: ShelfItem): OnHub[] {
  const rings = ringsFor(wheel, offer.rings);
  const { fasteners } = offer;
  // A wheel of another pattern is one behind every spacer; only an adapter may change that.
  let bare: number | null = null;
  return offer.pieces.map((piece, at): OnHub => {
    const on = { piece, stackMm: piece?.thicknessMm ?? 0 };
    if (bare !== null && piece?.kind === 'spacer' && bare & PATTERN) return { ...on, fails: bare, holds: [] };
    const order = (ring: number, way: number) => (at * (rings.length + 1) + ring) * (fasteners.length + 1) + way;
    const plain = holdOf(ask, { wheel, piece }, order(0, 0));
    bare ??= plain.hold.seen.fails;
    // No ring and no fastener makes a wheel go on another pattern, or past a brake.
    if (plain.hold.seen.fails & ~HELD) return { ...on, fails: plain.hold.seen.fails, holds: [] };
    // Rings have no part in what holds the wheel, nor that in what centers it: what mends nothing alone mends nothing.
    const mending = (mix: Mix) => mends(holdOf(ask, { ...mix, wheel, piece }, 0), plain);
    const someRings = rings.flatMap((ring, nth) => (mending({ ring }) ? [{ ring, nth: nth + 1 }] : []));
    const some = fasteners.flatMap((fastener, nth) => (mending({ fastener }) ? [{ fastener, nth: nth + 1 }] : []));
    const ways = [{ ring: null, nth: 0 }, ...someRings].flatMap(({ ring, nth }) =>
      [{ fastener: null, nth: 0 }, ...some].map(({ fastener, nth: way }) =>
        ring || fastener ? holdOf(ask, { wheel, piece, ring, fastener }, order(nth, way)).hold : plain.hold,
      ),
    );
    const holding = ways.filter(({ seen }) => seen.fails === 0);
    if (holding.length === 0) return { ...on, fails: fewest(ways), holds: [] };
    for (const hold of holding)
      hold.coins = partsCoins(ask, { wheel, piece, ring: hold.ring, fastener: hold.fastener });
    return { ...on, fails: 0, holds: holding.filter((one) => !holding.some((other) => beats(other, one))) };
  });
}

/** A way, with how each check that it may mend stands. */
interface Tried {
  hold: Hold;
  ranks: readonly number[];
}

function holdOf(ask: Searched, mix: Mix & { wheel: ShelfItem }, order: number): Tried {
  const report = evaluateSetup(ask.job, setupWith(ask, mix), { sweeps: NO_SWEEPS, known: ask.known });
  const axles = axlesOf(ask.axle);
  const checks = judgedBy(report, axles);
  return {
    ranks: MENDED.map((code) =>
      checks.reduce((worst, check) => (check.code === code ? Math.max(worst, rankOf(check.verdict)) : worst), 0),
    ),
    hold: {
      ring: mix.ring ?? null,
      fastener: mix.fastener ?? null,
      seen: seenIn(report, axles).hardware,
      coins: null,
      pieceKg: (mix.piece?.massKg ?? 0) + (mix.ring?.massKg ?? 0),
      order,
    },
  };
}

const mends = (one: Tried, plain: Tried): boolean => one.ranks.some((rank, at) => rank < plain.ranks[at]!);

/** The fewest checks that any way fails, as a set. */
function fewest(ways: readonly Hold[]): number {
  const count = (fails: number) => fails.toString(2).replaceAll('0', '').length;
  return ways.map(({ seen }) => seen.fails).sort((one, other) => count(one) - count(other))[0]!;
}

/** Whether one way is no worse than another in anything that a combination is ranked by, and comes before it. */
function beats(one: Hold, other: Hold): boolean {
  if (one === other) return false;
  const [coins, others] = [one.coins ?? Infinity, other.coins ?? Infinity];
  const noWorse =
    one.seen.rank <= other.seen.rank &&
    one.seen.share <= other.seen.share &&
    coins <= others &&
    one.pieceKg <= other.pieceKg;
  const same =
    one.seen.rank === other.seen.rank &&
    one.seen.share === other.seen.share &&
    coins === others &&
    one.pieceKg === other.pieceKg;
  return noWorse && (!same || one.order < other.order);
}
