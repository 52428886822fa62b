import { limitedBy, verdictWord } from '#core/evaluate';
import type { SetupOnTable } from '../../job/ReportsContext';
import { checkName } from '../checkWords';
import { costText } from '#core/cost';

/** Where a setup stands, in a few words. */
export function standingOf({ report }: SetupOnTable): string {
  const held = limitedBy(report);
  const verdict = held ? `${verdictWord(held)}: ${checkName(held)}` : 'not known';
  return `${verdict}, ${costText(report.cost)}`;
}
