import type { ShelfItem } from '#core/shelf';
import { readTireSize } from '#core/tire';
import { onHubs, partsCoins, type OnHub } from './hardware';
import { axlesOf } from './made';
import { bitOf, firstOf, mayGive } from './needs';
import { offerOf, type Offer } from './offer';
import { placesOf, tireFails, TirePlaces, type Stand } from './places';
import { Queue } from './queue';
import type { FindAsk, FindProgress, FindRow, Finds } from './records';
import { searchedOf, type Searched } from './searched';
import { RoughParts } from './rough';
import { byRank, Judge, keyOfRow, ranked, type Combination, type Ranking } from './rows';
import { rangesOf, weightsOf } from './score';
import { together } from './seen';

/** Rows that are shown before all has been looked at. */
const EARLY_ROWS = 5;
/** Two keys that differ by less are one: a bound is never above what it bounds. */
const SLACK = 1e-9;

/** A wheel and a tire with every way to put them on that was not ruled out. */
interface Pair {
  /** The best first; made when the pair is looked at closer. */
  ways(): readonly { one: Combination; key: number }[];
  done: boolean;
}

/** A wheel on a piece that is not ruled out by its hub, or by one thing that may give. */
interface Standing extends Stand {
  wheelAt: number;
  on: OnHub;
}

/** One tire before all that stands of a rim size. */
interface TireAsk {
  standing: readonly Standing[];
  places: TirePlaces;
  /** Which place each of them takes. */
  at: Int32Array;
  tire: ShelfItem;
  nth: number;
}

/** A wheel on a piece with a tire that nothing rules out yet. */
interface Open {
  on: OnHub;
  place: number;
}

/** What waits to be looked at closer, by the best that it may be yet. */
type Waiting =
  | { key: number; pair: Pair; at: number; kind: 'pair' }
  | { key: number; pair: Pair; one: Combination; kind: 'bounded' }
  | { key: number; pair: Pair; row: FindRow; kind: 'row' };

/** The better before the other; what is not known for sure before what is, so that nothing equal is left out. */
function sooner(one: Waiting, other: Waiting): number {
  if (one.kind === 'row' && other.kind === 'row') return byRank(one.row, other.row);
  return one.key - other.key || Number(one.kind === 'row') - Number(other.kind === 'row');
}

/**
 * Of all wheels, tires and stacks the best that fit, ranked by verdict, then by score. What is the same for many is
 * judged once: wheels on their hub, tires for themselves, tires on rims, places of a rim size; every one by the checks
 * of `evaluate`. What is left is looked at closer in the order of the best that it may be, and `evaluate` itself judges
 * what is shown: nothing that is left out can be better than the last row.
 * @returns a generator that yields how far it has come, and ends with what was found. It is told, when it is asked for
 *   more, which key is good enough already: where others have found all rows that are wanted, it may stop before.
 */
export function* findSteps(ask: FindAsk): Generator<FindProgress, Finds, number | undefined> {
  const search = new Search(ask);
  let shown = false;
  const said = (early: FindRow[] | null, row: FindRow | null): FindProgress => ({
    tried: search.tried,
    of: search.all,
    early,
    row,
  });
  let enough = Infinity;
  for (const rim of search.groups) {
    search.look(rim);
    const early = !shown && search.has;
    if (early) shown = true;
    enough = (yield said(early ? search.early(EARLY_ROWS) : null, null)) ?? enough;
  }
  for (let more = true; more;) {
    const rows = search.rows;
    more = search.closer(ask.top, enough);
    if (more) enough = (yield said(null, search.rows > rows ? search.last : null)) ?? enough;
  }
  return search.finds();
}

/** The same at one go. */
export function find(ask: FindAsk): Finds {
  const steps = findSteps(ask);
  for (let step = steps.next(); ; step = steps.next()) if (step.done) return step.value;
}

const OTHER_RIM = bitOf('rim-diameter');

/** The rim that the size of a tire names; the tire itself where it has none. */
const rimOf = ({ size, name }: ShelfItem): number | string =>
  size === undefined ? name : readTireSize(size).rimDiameterIn;

/** Wheels of one rim size, with their places on the shelf. */
type Group = { wheel: ShelfItem; at: number }[];

class Search {
  readonly groups: Group[];
  readonly all: number;
  tried = 0;
  readonly #ask: Searched;
  readonly #offer: Offer;
  readonly #ranking: Ranking;
  readonly #rough: RoughParts[];
  readonly #judge: Judge;
  readonly #waiting = new Queue<Waiting>(sooner);
  readonly #rows: FindRow[] = [];
  readonly #fellOut = new Map<string, number>();
  readonly #single = new Map<string, number>();
  readonly #tireCoins: (number | null)[];
  readonly #otherRims = new Set<string>();
  readonly #tiresAlone = new Map<ShelfItem, number>();
  #fit = 0;

  constructor(asked: FindAsk) {
    const ask = searchedOf(asked);
    const { job, shelf, axle } = ask;
    const offer = offerOf(shelf, job.vehicle, axle);
    const axles = axlesOf(axle);
    this.#ask = ask;
    this.#offer = offer;
    this.#rough = axles.map((one) => new RoughParts(ask, one));
    this.#ranking = {
      weights: weightsOf(ask),
      ...rangesOf(ask),
      many: axles.some((one) => job.vehicle[one]?.dual) ? 2 : 1,
    };
    this.#judge = new Judge(ask, this.#ranking, this.#rough);
    this.#tireCoins = offer.tires.map((tire) => partsCoins(ask, { tire }));
    this.groups = shared(groupsOf(offer.wheels), ask.share);
    this.all = this.groups.reduce((sum, group) => sum + group.length, 0) * offer.tires.length * this.#stacks;
  }

  /** Spacers of other patterns are tried too: they fall out at once. */
  get #stacks(): number {
    return this.#offer.pieces.length + this.#offer.otherPieces;
  }

  get has(): boolean {
    return this.#waiting.length > 0;
  }

  /** Looks at all combinations of one rim size; what is not ruled out waits. */
  look(group: Group): void {
    const { tires, otherPieces } = this.#offer;
    const standing: Standing[] = [];
    /** What the others fail on the hub already, each so many times. */
    const fallen = new Map<number, number>();
    for (const { wheel, at } of group)
      for (const on of onHubs(this.#ask, this.#offer, wheel))
        if (mayGive(on.fails)) standing.push({ wheel, wheelAt: at, piece: on.piece, on });
        else fallen.set(on.fails, (fallen.get(on.fails) ?? 0) + 1);
    for (const [fails, count] of fallen) this.#add(this.#fellOut, firstOf(fails)!, count * tires.length);
    const { places, at } = placesOf(this.#ask, standing);
    if (standing.length > 0)
      for (const [nth, tire] of tires.entries())
        this.#count({ standing, places: new TirePlaces(this.#ask, tire, places, this.#rough), at, tire, nth });
    this.tried += group.length * tires.length * this.#stacks;
    this.#add(this.#fellOut, 'stack', group.length * tires.length * otherPieces);
  }

  /** One tire on all that stands: what falls out, and what is left. */
  #count({ standing, places, at, tire, nth }: TireAsk): void {
    const own = this.#ownFails(tire, standing[0]!.wheel, places);
    // Where more is wrong with the tire already than could give way, no place mends it.
    const fails = mayGive(own) ? places.fails : null;
    for (let from = 0; from < standing.length;) {
      const { wheel, wheelAt } = standing[from]!;
      const open: Open[] = [];
      for (; from < standing.length && standing[from]!.wheel === wheel; from++) {
        const { on } = standing[from]!;
        const place = at[from]!;
        const all = on.fails | own | (fails ? fails[place]! : 0);
        const first = firstOf(all);
        if (first === null) open.push({ on, place });
        else this.#add(this.#fellOut, first, 1);
        if (fails && first !== null && mayGive(all)) this.#add(this.#single, first, 1);
      }
      this.#fit += open.length;
      if (open.length > 0) this.#wait({ wheel, wheelAt, tire, nth, open, places });
    }
  }

  /** What tire and rim fail together; that tires of one rim do not go on another is found once. */
  #ownFails(tire: ShelfItem, { rimDiameterIn }: ShelfItem, places: TirePlaces): number {
    const key = `${rimOf(tire)}|${rimDiameterIn}`;
    if (this.#otherRims.has(key)) return this.#tireFails(tire) | OTHER_RIM;
    const { own } = places;
    if (own & OTHER_RIM) this.#otherRims.add(key);
    return own;
  }

  /** What a tire fails by itself, whatever it goes on. */
  #tireFails(tire: ShelfItem): number {
    const known = this.#tiresAlone.get(tire) ?? tireFails(this.#ask, tire);
    this.#tiresAlone.set(tire, known);
    return known;
  }

  #wait({
    wheel,
    wheelAt,
    tire,
    nth,
    open,
    places,
  }: {
    wheel: ShelfItem;
    wheelAt: number;
    tire: ShelfItem;
    nth: number;
    open: readonly Open[];
    places: TirePlaces;
  }): void {
    const ways = () =>
      open
        .flatMap(({ on, place }) => {
          const here = places.at(place);
          return on.holds.map((hold) => {
            const one: Combination = { wheel, tire, on, hold, order: [wheelAt, nth, hold.order] };
            const seen = together(hold.seen, here.seen, this.#bestSweep);
            return { one, key: ranked(one, { seen, offMm: here.offMm, coins: this.#coins(one) }, this.#ranking).key };
          });
        })
        .sort((one, other) => one.key - other.key || one.one.order[2] - other.one.order[2]);
    const { key } = ways()[0]!;
    this.#waiting.push({ key: key - SLACK, pair: { ways, done: false }, at: 0, kind: 'pair' });
  }

  /** What the parts around the wheel can be at best. */
  get #bestSweep() {
    return { fails: 0, rank: Math.max(...this.#rough.map(({ bestRank }) => bestRank)), share: 0 };
  }

  #coins({ hold, order }: Combination): number | null {
    const tire = this.#tireCoins[order[1]]!;
    return hold.coins === null || tire === null ? null : hold.coins + tire;
  }

  get rows(): number {
    return this.#rows.length;
  }

  get last(): FindRow | null {
    return this.#rows.at(-1) ?? null;
  }

  /**
   * Looks at one more closely; false when enough rows are found, nothing is left, or all that is left is worse than
   * what is good enough.
   */
  closer(top: number, enough = Infinity): boolean {
    if (this.#rows.length >= top) return false;
    const next = this.#waiting.pop();
    if (!next || next.key > enough) return false;
    const { pair } = next;
    if (pair.done) return true;
    if (next.kind === 'row') {
      pair.done = true;
      this.#rows.push(next.row);
    } else if (next.kind === 'pair') this.#open(pair, next.at);
    else {
      const row = this.#judge.row(next.one, this.#coins(next.one));
      if (row) this.#waiting.push({ key: keyOfRow(row), pair, row, kind: 'row' });
    }
    return true;
  }

  #open(pair: Pair, at: number): void {
    const ways = pair.ways();
    const { one } = ways[at]!;
    const key = this.#judge.bound(one, this.#coins(one));
    if (key !== null) this.#waiting.push({ key: key - SLACK, pair, one, kind: 'bounded' });
    const rest = ways[at + 1];
    if (rest) this.#waiting.push({ key: rest.key - SLACK, pair, at: at + 1, kind: 'pair' });
  }

  /** A few of the best so far, for a first look; they wait on with the others. */
  early(top: number): FindRow[] {
    while (this.closer(top));
    const rows = this.#rows.splice(0);
    for (const row of rows) {
      const pair: Pair = { ways: () => [], done: false };
      this.#waiting.push({ key: keyOfRow(row), pair, row, kind: 'row' });
    }
    return rows;
  }

  #add(counts: Map<string, number>, code: string, count: number): void {
    if (count > 0) counts.set(code, (counts.get(code) ?? 0) + count);
  }

  finds(): Finds {
    return {
      tried: this.tried,
      fit: this.#fit,
      fellOut: Object.fromEntries([...this.#fellOut].sort(([, one], [, other]) => other - one)),
      relaxations: [...this.#single]
        .map(([code, count]) => ({ code, count }))
        .sort((one, other) => other.count - one.count),
      rows: this.#rows,
      swept: this.#judge.swept,
    };
  }
}

/** Wheels by rim size, those of the commonest first. */
function groupsOf(wheels: readonly ShelfItem[]): Group[] {
  const groups = new Map<string, Group>();
  for (const [at, wheel] of wheels.entries()) {
    const rim = `${wheel.rimDiameterIn}|${wheel.rimWidthIn}`;
    const known = groups.get(rim);
    if (known) known.push({ wheel, at });
    else groups.set(rim, [{ wheel, at }]);
  }
  return [...groups.values()].sort((one, other) => other.length - one.length);
}

/** A share of the groups: each goes to whom has least so far. */
function shared(groups: readonly Group[], share: FindAsk['share']): Group[] {
  if (!share || share.of < 2) return [...groups];
  const loads = Array.from({ length: share.of }, () => 0);
  return groups.filter((group) => {
    const to = loads.indexOf(Math.min(...loads));
    loads[to]! += group.length;
    return to === share.at;
  });
}
