import type { SetupAxle, StackPart } from '#core/job';
import type { Verdict } from '#core/verdict';
import type { AxleReport } from '#core/evaluate';

export type PatternOptionKind = 'adapter' | 'near-pattern' | 'redrill-wheel' | 'redrill-hub' | 'hub-swap';

/** One way to make a wheel of another pattern go on, with what it takes and does. */
export interface PatternOption {
  kind: PatternOptionKind;
  title: string;
  verdict: Verdict;
  /** The geometry behind it, line by line. */
  lines: string[];
  /** The axle with this way taken, where it stays with the setup; null where it changes the car. */
  candidate: SetupAxle | null;
  /** Where the wheel would stand; null where that is not known yet. */
  position: Pick<AxleReport, 'effectiveOffsetMm' | 'pokeMm' | 'inboardGapMm'> | null;
  /** For both wheels of the axle; null where a price is missing. */
  cost: number | null;
  caution: string;
}

/** What the specialist says of the ways; null where nothing is said yet. */
export interface PatternOptionChoices {
  adapterMm: number | null;
  /** An adapter that is kept, with its own dimensions and price; it goes before a thickness that was typed. */
  adapterKept?: { piece: StackPart; name: string; priceEach: number | null } | null;
  /** How far a swapped hub's face stands further out than the present one. */
  hubFaceShiftMm: number | null;
}
