import type { SetupFastener } from '#core/fastener';
import type { AxleName, StackPart, Wheel } from '#core/job';
import type { Tire } from '#core/tire';

/** What a line of a cost is for. */
export const COST_CODES = [
  'wheels',
  'tires',
  'spacers',
  'adapters',
  'rings',
  'fasteners',
  'sensors',
  'mounting',
  'disposal',
  'lift',
  'alignment',
  'extra',
  'shipping',
] as const;
export type CostCode = (typeof COST_CODES)[number];

/** Where a price is from: the shelf or a price list by its name, typed with the setup, the brief, the shop defaults. */
export type PriceOrigin = string;

/** One line of what a setup costs. Money in the currency of the prices. */
export interface CostLine {
  code: CostCode;
  label: string;
  count: number;
  /** Null where no price is known. */
  each: number | null;
  total: number | null;
  origin: PriceOrigin | null;
}

/** What a setup costs. */
export interface Cost {
  currency: string | null;
  lines: CostLine[];
  /** The sum of what is known; null where no price is. */
  net: number | null;
  /** Null where the shop names no rate. */
  tax: number | null;
  total: number | null;
  /** What has no price: with it the total is at least what it says. */
  missing: CostCode[];
}

/** A part that is bought, as it stands in the setup. */
export type Ordered =
  | { kind: 'wheel'; wheel: Wheel }
  | { kind: 'tire'; tire: Tire }
  | { kind: 'piece'; piece: StackPart; axle: AxleName }
  | { kind: 'fastener'; fastener: SetupFastener }
  /** What no shelf keeps, by what is known of it. */
  | { kind: 'named'; figures: string };

/** A line before it is priced. */
export interface Wanted {
  code: CostCode;
  label: string;
  count: number;
  price: { each: number; origin: PriceOrigin } | null;
  /** The very part, where it is one that is ordered. */
  part?: Ordered;
}
