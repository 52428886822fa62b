import { DomainError } from '#core/errors';

/** What a wrench that talks says, one event after the other. */
export type WrenchEvent = { kind: 'pull'; nm: number } | { kind: 'unplugged' } | { kind: 'plugged' };

const MOST_LINES = 500;
const MOST_NM = 1000;

/**
 * What a simulated wrench is to say, a line each: a torque in N·m, `unplug` or `plug`; what stands behind a # is not
 * read.
 * @throws DomainError naming the line that cannot be read
 */
export function readWrenchScript(text: string): WrenchEvent[] {
  const lines = text.split('\n');
  if (lines.length > MOST_LINES) throw new DomainError(`has ${lines.length} lines; ${MOST_LINES} are taken`);
  return lines.flatMap((line, at): WrenchEvent[] => {
    const said = line.replace(/#.*/, '').trim().toLowerCase();
    if (said === '') return [];
    if (said === 'unplug') return [{ kind: 'unplugged' }];
    if (said === 'plug') return [{ kind: 'plugged' }];
    const nm = Number(said.replace(/\s*n·?m$/, ''));
    if (!Number.isFinite(nm) || nm <= 0 || nm > MOST_NM)
      throw new DomainError(
        `line ${at + 1}: “${line.trim()}” is no torque of 1 to ${MOST_NM} N·m, and neither plug nor unplug`,
      );
    return [{ kind: 'pull', nm }];
  });
}
