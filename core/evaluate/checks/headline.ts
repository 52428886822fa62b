import { listed } from '#core/text';
import type { Check, CheckGroup } from '../check';
import { checkOf } from './checks';

/** Groups in the order they are read, as they are called, and what is said of one that clears. */
const GROUPS: readonly (readonly [group: CheckGroup, name: string, clear: string])[] = [
  ['room', 'room', 'room clears'],
  ['brake', 'brake', 'brake clears'],
  ['hub', 'hub', 'hub fits'],
  ['tire', 'tire', 'tire fits'],
  ['car', 'whole car', 'whole car fits'],
];

/** What of a setup is known already, while something of it is not measured. */
export interface Headline {
  /** Groups of which everything is known: `room clears`; empty where there is none. */
  known: string;
  /** What is not known: whole groups, and the checks of a room that is known in part: `brake and hub not measured`. */
  open: string;
}

/**
 * What may be said of checks of which some are unknown and the others clear: the groups that are known, and what is
 * open.
 * @returns null where everything is known, fails or needs care: then the check that limits them says it
 */
export function headlineOf(checks: readonly Check[]): Headline | null {
  const isOf = (verdict: Check['verdict']) => checks.some((check) => check.verdict === verdict);
  if (!isOf('unknown') || isOf('fail') || isOf('caution')) return null;
  const known: string[] = [];
  const open: string[] = [];
  for (const [group, name, clear] of GROUPS) {
    const of = checks.filter(({ code }) => checkOf(code).group === group);
    const unknown = of.filter(({ verdict }) => verdict === 'unknown');
    if (of.length === 0) continue;
    if (unknown.length === 0) known.push(clear);
    else if (group === 'room' && unknown.length < of.length)
      open.push(...unknown.map(({ label }) => label.toLowerCase()));
    else open.push(name);
  }
  return { known: known.join(', '), open: `${listed(open)} not measured` };
}
