import type { FitUpTerms, OwnErrors } from '#core/fitting';
import type { BodyWork } from '#core/remedy';
import type { SuspensionChangeKind } from '#core/suspension';
import type { Measured } from '#core/units';
import type { BriefLimits, RuleKey, RuleOf, ShopLimitKey } from '#core/verdict';
import type { BackspacingConvention } from '#core/wheel';

/** A range of poke; an end that is left out is open. */
export interface FaceRange {
  min?: Measured;
  max?: Measured;
}

/** What is asked for. Lengths mm. */
export interface Brief {
  /** Poke target against the fender, + poke; an axle's own range wins over the one for both. */
  pokeMm?: (FaceRange & { front?: FaceRange | undefined; rear?: FaceRange | undefined }) | undefined;
  limits?: BriefLimits | undefined;
  /**
   * The most backspacing that a lift maker's paper allows on an axle, or on both, mm; by which convention it is meant.
   */
  requiredBackspacingMm?: number | { front?: Measured; rear?: Measured } | null | undefined;
  requiredBackspacingConvention?: BackspacingConvention | undefined;
  /** Rules of the shop set aside for this job. */
  rules?: Rules | undefined;
  /** Modifications allowed to make a target fit; what is left out is as the shop allows. */
  remedies?: AllowedRemedies | undefined;
  /** Most that the work may cost, in the currency of the prices. */
  budget?: Measured;
  /** What a sweep allows for beside the tire as it is new and unloaded. */
  sweep?: { growth?: boolean | undefined; bulgeMm?: Measured } | undefined;
  /** Speeds at which the speedometer is looked at. */
  speedsKmh?: number[] | undefined;
  /** Prices of the hardware and work that a target may need, in the shop's currency. */
  prices?: Prices | undefined;
  /** What ranks one find before another, each weighed from 0 to 1. */
  find?: FindTerms | undefined;
  notes?: string | undefined;
}

/** What makes one combination better than another of the same verdict. */
export interface FindTerms {
  /** How near it comes to the poke target. */
  target?: Measured;
  /** How much room the tightest place has left. */
  room?: Measured;
  cost?: Measured;
  mass?: Measured;
}

/** Choices between the schools of the trade, and what the law or the season asks. */
export type Rules = { [K in RuleKey]?: RuleOf<K> | undefined };

export type AllowedRemedies = { [work in BodyWork]?: boolean | undefined } & {
  /** How the car may be raised, and by how much at most. */
  lift?: { kind?: SuspensionChangeKind | undefined; mostMm?: Measured } | undefined;
};

export interface Prices {
  currency?: string | undefined;
  adapterEach?: Measured;
  fastenerSetAxle?: Measured;
  redrillWheelEach?: Measured;
  redrillHubEach?: Measured;
  hubSwapEach?: Measured;
  labourPerHour?: Measured;
  spacerEach?: Measured;
  liftKitAxle?: Measured;
  alignment?: Measured;
  ringEach?: Measured;
  sensorEach?: Measured;
  mountBalanceEach?: Measured;
  disposalEach?: Measured;
  shipping?: Measured;
  taxPct?: Measured;
}

/** Who the shop is, as its papers say it. */
export interface Shop {
  name?: string | undefined;
  /** Address, telephone, mail: a line. */
  contact?: string | undefined;
}

/** The shop's own limits, rules and prices; what is left out is Scoval's default. */
export interface ShopDefaults {
  shop?: Shop | undefined;
  limits?: { [key in ShopLimitKey]?: Measured } | undefined;
  rules?: Rules | undefined;
  remedies?: AllowedRemedies | undefined;
  prices?: Prices | undefined;
  fitUp?: FitUpTerms | undefined;
  /** How far off the shop was, as its ± follow it; a family that is left out is predicted as it is. */
  ownError?: OwnErrors | undefined;
}
