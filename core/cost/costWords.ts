import { moneyText } from './money';
import type { Cost, CostCode } from './records';

/** What the lines of a cost are for, as they are said where they are missing. */
export const CODE_NAMES: Record<CostCode, string> = {
  wheels: 'wheels',
  tires: 'tires',
  spacers: 'spacers',
  adapters: 'adapters',
  rings: 'hub rings',
  fasteners: 'fasteners',
  sensors: 'sensors',
  mounting: 'mounting and balancing',
  disposal: 'old tires',
  lift: 'suspension parts',
  alignment: 'alignment',
  extra: 'work and parts besides',
  shipping: 'shipping',
};

/** A cost in a figure: at least so much, where a price is missing. */
export function costText({ total, currency, missing }: Cost): string {
  if (total === null) return 'no price yet';
  return `${missing.length > 0 ? '≥ ' : ''}${moneyText(total, currency)}`;
}
