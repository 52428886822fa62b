import type { CentringRule } from '#core/centring';
import type { NearPatternRule } from '#core/hub';
import type { SpacerRule } from '#core/stack';
import type { SuspensionChangeKind } from '#core/suspension';
import type { PoseRule } from '#core/sweep';
import type { BriefLimits, CoverRule, Drive, FaceWish, HouseLimitKey, RubRule, WinterRule } from '#core/verdict';
import type { BackspacingConvention } from '#core/wheel';
import type { Measured } from './measured';
import type { AxleName } from './types';

/** A range of poke; an end that is left out is open. */
export interface FaceRange {
  min?: Measured;
  max?: Measured;
}

/** What is asked for. Lengths mm. */
export interface Brief {
  /** Where the face should stand against the fender, + proud; an axle's own range wins over the one for both. */
  pokeMm?: (FaceRange & { front?: FaceRange | undefined; rear?: FaceRange | undefined }) | undefined;
  limits?: BriefLimits | undefined;
  /** The most backspacing that a lift maker's paper allows on an axle, or on both, mm; by which convention it is meant. */
  requiredBackspacingMm?: number | { front?: Measured; rear?: Measured } | null | undefined;
  requiredBackspacingConvention?: BackspacingConvention | undefined;
  /** House rules set aside for this job. */
  rules?: Rules | undefined;
  /** What may be done to make a wish fit; what is left out is as the house allows. */
  remedies?: AllowedRemedies | undefined;
  /** Most that the work may cost, in the currency of the prices. */
  budget?: Measured;
  /** What a sweep allows for beside the tire as it is new and unloaded. */
  sweep?: { growth?: boolean | undefined; bulgeMm?: Measured } | undefined;
  /** Speeds at which the speedometer is looked at. */
  speedsKmh?: number[] | undefined;
  /** Prices of the hardware and work that a wish may need, in the shop's currency. */
  prices?: Prices | undefined;
  notes?: string | undefined;
}

/** Choices between the schools of the trade, and what the law or the season asks. */
export interface Rules {
  centring?: CentringRule | undefined;
  nearPatterns?: NearPatternRule | undefined;
  spacers?: SpacerRule | undefined;
  rub?: RubRule | undefined;
  cover?: CoverRule | undefined;
  winter?: WinterRule | undefined;
  /** Which poses count: all, or those that a car on the road takes. */
  poses?: PoseRule | undefined;
}

/** The schools that are followed where neither brief nor house says otherwise (product default, common practice). */
export const USUAL_RULES = {
  centring: 'required',
  nearPatterns: 'care',
  spacers: 'accepted',
  rub: 'none',
  cover: 'none',
  winter: 'none',
  poses: 'all',
} as const satisfies Required<Rules>;

/** The rule in force: the brief's, else the house's, else the usual one. */
export function ruleInForce<K extends keyof Rules>(key: K, { brief, house }: Terms): NonNullable<Rules[K]> {
  return (brief?.rules?.[key] ?? house?.rules?.[key] ?? USUAL_RULES[key]) as NonNullable<Rules[K]>;
}

/** What a job is judged by: its brief, and the house it is done in. */
export interface Terms {
  brief?: Brief | undefined;
  house?: House | undefined;
}

/** What winter traction asks of an axle: of the driven one, or of both where nobody said how the car is driven. */
export function winterOn(axle: AxleName, job: Terms & { vehicle: { drive?: Drive | undefined } }): WinterRule {
  const { drive } = job.vehicle;
  const rolls = (drive === 'fwd' && axle === 'rear') || (drive === 'rwd' && axle === 'front');
  return rolls ? 'none' : ruleInForce('winter', job);
}

/** Prices in force: the brief's where it gives one, the house's otherwise. */
export function priceInForce<K extends keyof Prices>(key: K, { brief, house }: Terms): Prices[K] | null {
  return brief?.prices?.[key] ?? house?.prices?.[key] ?? null;
}

/** What may be done to the body around a wheel, by kind of work. */
export const BODY_WORK = ['heat', 'move', 'remove', 'trimPlastic', 'trimFlap', 'fold', 'cut'] as const;
export type BodyWork = (typeof BODY_WORK)[number];

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
}

/** The shop's own limits, rules and prices; what is left out is Scoval's default. */
export interface House {
  limits?: { [key in HouseLimitKey]?: Measured } | undefined;
  rules?: Rules | undefined;
  remedies?: AllowedRemedies | undefined;
  prices?: Prices | undefined;
}

/** The most backspacing that is asked for on an axle; null where nothing is. Mm, overall where nobody said by which convention. */
export function requiredBackspacing(brief: Brief | undefined, axle: AxleName): { mostMm: number; convention: BackspacingConvention } | null {
  const asked = brief?.requiredBackspacingMm;
  const mostMm = typeof asked === 'number' ? asked : asked?.[axle];
  return mostMm == null ? null : { mostMm, convention: brief?.requiredBackspacingConvention ?? 'overall' };
} // prettier-ignore

/** The wish for the face of an axle: its own range, else the one for both. */
export function wishOf(brief: Brief | undefined, axle: AxleName): FaceWish {
  const { front, rear, min, max } = brief?.pokeMm ?? {};
  const own = axle === 'front' ? front : rear;
  const asked = own?.min != null || own?.max != null ? own : { min, max };
  return { min: asked.min ?? null, max: asked.max ?? null };
}
