import type { Cost } from '#core/cost';
import type { AxleName, Job, Setup } from '#core/job';
import type { ShelfItem } from '#core/shelf';
import type { Verdict } from '#core/verdict';

/** Which wheels are looked for: those of one axle, or one kind for all four corners. */
export const FIND_AXLES = ['front', 'rear', 'both'] as const;
export type FindAxle = (typeof FIND_AXLES)[number];

/** What makes one combination better than another of the same verdict, each weighed from 0 to 1. */
export const FIND_WEIGHTS = ['target', 'room', 'cost', 'mass'] as const;
export type FindWeight = (typeof FIND_WEIGHTS)[number];
export type FindWeights = Readonly<Record<FindWeight, number>>;

/** How it is weighed where the brief says nothing (common practice, no source). */
export const USUAL_WEIGHTS: FindWeights = { target: 1, room: 0.6, cost: 0.4, mass: 0.2 };

/** What is looked for, and among what. */
export interface FindAsk {
  job: Job;
  /** What the wheels go on: everything of it that is not looked for stays. */
  setup: Setup;
  axle: FindAxle;
  shelf: readonly ShelfItem[];
  /** How many rows are wanted. */
  top: number;
  /** As the brief has it where it is left out. */
  weights?: FindWeights | undefined;
  /** Which share of the wheels is looked at, the first being 0: several workers take one each. */
  share?: { at: number; of: number } | undefined;
}

/** Why a combination fell out: the check that it fails first, or what keeps it from being tried. */
export type FellOut = Readonly<Record<string, number>>;

/** A combination that fits, as `evaluate` judges it. Lengths mm. */
export interface FindRow {
  wheel: ShelfItem;
  tire: ShelfItem;
  /** Spacer or adapter, then the ring in the wheel's bore. */
  stack: ShelfItem[];
  /** Null where those of the hub do. */
  fastener: ShelfItem | null;
  /** The setup that it makes. */
  setup: Setup;
  verdict: Verdict;
  limitedBy: { code: string; label: string } | null;
  /** Of the axle that is further from the poke target. */
  axle: AxleName;
  pokeMm: number | null;
  inboardGapMm: number | null;
  /** How far from the poke target, + further out. */
  offTargetMm: number | null;
  /** The tightest share of room, 0 to 1: the fullest ring. */
  roomShare: number;
  cost: Cost;
  /** What is looked for alone, in whole coins; null where a price is missing. */
  partsCoins: number | null;
  /** Wheel, tire and stack of a corner; null where one was not weighed. */
  massKg: number | null;
  /** 0 is the best there could be, 1 the worst. */
  score: number;
  /** Where it stands among all: wheels and tires in the order of the shelf, for what is equal otherwise. */
  order: readonly [wheel: number, tire: number, option: number];
}

/** A limit of which giving way alone would let combinations in. */
export interface Relaxation {
  code: string;
  count: number;
}

/** What was found. */
export interface Finds {
  tried: number;
  /** Not ruled out by what is tried of all: checks standing still, and a rough grid of poses. Rows shown are swept. */
  fit: number;
  fellOut: FellOut;
  /** By how many it would let in, most first. */
  relaxations: Relaxation[];
  rows: FindRow[];
  /** How many were swept to know which are the best. */
  swept: number;
}

/** How far it has come. */
export interface FindProgress {
  tried: number;
  of: number;
  /** A few of the best of what was looked at first; told once. */
  early: FindRow[] | null;
  /** The next of the rows, best first. */
  row: FindRow | null;
}
