import { CODE_NAMES, moneyText } from '#core/cost';
import { AXLES } from '#core/job';
import { listed } from '#core/text';
import type { PlainCase } from '../plainCase';
import type { CustomerRow } from './row';

function total({ report: { cost } }: PlainCase): string[] {
  const { currency, missing, tax } = cost;
  if (cost.total === null) return [missing.length === 0 ? 'Nothing to buy' : 'No price yet'];
  const least = missing.length > 0 ? 'At least ' : '';
  return [
    `${least}${moneyText(cost.total, currency)}${tax === null ? '' : ' with tax'}`,
    ...(missing.length > 0 ? [`No price yet for ${listed(missing.map((code) => CODE_NAMES[code]))}`] : []),
  ];
}

function modifications({ report: { cost }, remedies }: PlainCase): string[] {
  const works = AXLES.flatMap((axle) => remedies[axle] ?? []);
  if (works.length === 0) return [];
  if (works.some((one) => one.cost === null)) return ['Modifications besides: no price yet'];
  const sum = works.reduce((all, one) => all + one.cost!, 0);
  return [`Modifications besides: about ${moneyText(sum, cost.currency)} before tax`];
}

function budget({ job, report: { cost } }: PlainCase): string[] {
  const most = job.brief?.budget;
  if (most == null || cost.total === null || cost.total <= most) return [];
  return [`More than the budget of ${moneyText(most, cost.currency)}`];
}

export const costs: CustomerRow = {
  heading: 'What it costs',
  lines: (one) => [...total(one), ...modifications(one), ...budget(one)],
};
