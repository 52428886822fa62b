import type { Decision, Job } from '#core/job';
import type { LogEntry, LoggedChange } from './records';

/** `B chosen: it clears everything; not A: it rubs`. */
function decisionText({ setup, why, against = [] }: Decision): string {
  const others = against.map((one) => `not ${one.setup.toUpperCase()}: ${one.why}`);
  return [`${setup.toUpperCase()} chosen${why ? `: ${why}` : ''}`, ...others].join('; ');
}

const entryOf = (at: string, decision: Decision | null): LogEntry => ({
  at,
  kind: 'decision',
  corner: null,
  axle: null,
  text: decision ? decisionText(decision) : 'Decision left open again',
  by: decision?.by ?? null,
  place: { station: 'compare', ...(decision ? { setup: decision.setup } : {}) },
});

/** Every decision that was made, the ones before the last among them; of a job that came with one, that one. */
export function decisionEntries({ decision }: Pick<Job, 'decision'>, changes: readonly LoggedChange[]): LogEntry[] {
  const made = changes.flatMap(({ at, edits }) =>
    edits.flatMap((edit) => {
      if ((edit.op !== 'set' && edit.op !== 'clear') || edit.path.join() !== 'decision') return [];
      return [{ at, decision: edit.op === 'set' ? (edit.value as Decision) : null }];
    }),
  );
  const isTold = made.some((one) => one.decision?.decidedAt === decision?.decidedAt);
  return [
    ...made.map((one) => entryOf(one.at, one.decision)),
    ...(decision && !isTold ? [entryOf(decision.decidedAt, decision)] : []),
  ];
}
