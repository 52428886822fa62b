import { starOrder } from '#core/fastener';
import type { Joint, TorqueRow } from './records';

/** What a hand wrench may be off, share (ISO 6789, type II class A; from memory). */
const WRENCH_SHARE = 0.04;
/** Past this share over its stage a fastener may have been stretched: it is looked at (common practice, no source). */
const STRETCHED_SHARE = 0.1;

/** What is tightened at one corner: which joint, how many fasteners, and the torque of each stage, N·m. */
export interface Tightening {
  joint: Joint;
  lugCount: number;
  stagesNm: readonly number[];
}

/** A pull of the wrench that is due: stages and fasteners are counted from 1. */
export interface Turn {
  stage: number;
  fastener: number;
  nm: number;
}

/** How a pull stands to its stage. */
export type PullVerdict = 'within' | 'under' | 'over' | 'stretched';

/** How a torque stands to its stage: ±4 % is the wrench's own, more than 10 % over may have stretched the fastener. */
export function pullVerdict(nm: number, stageNm: number): PullVerdict {
  if (nm < stageNm * (1 - WRENCH_SHARE)) return 'under';
  if (nm > stageNm * (1 + STRETCHED_SHARE)) return 'stretched';
  return nm > stageNm * (1 + WRENCH_SHARE) ? 'over' : 'within';
}

/** What a fastener has at a stage: the most of its pulls; null where there was none. */
export function reachedNm(rows: readonly TorqueRow[], { joint, stage, fastener }: Omit<Turn, 'nm'> & { joint: Joint }) {
  const own = rows.filter((row) => row.joint === joint && row.stage === stage && row.fastener === fastener);
  return own.length === 0 ? null : Math.max(...own.map(({ nm }) => nm));
}

/** The order of the fasteners of one stage, counted from 1: a star where one is known, else as they stand. */
export const pullOrder = (lugCount: number): number[] =>
  lugCount >= 3 && lugCount <= 10
    ? starOrder(lugCount).map((place) => place + 1)
    : Array.from({ length: lugCount }, (_, at) => at + 1);

/** Whether a fastener has reached a stage, within the wrench's own error. */
const isReached = (
  rows: readonly TorqueRow[],
  { joint, stagesNm }: Tightening,
  { stage, fastener }: Omit<Turn, 'nm'>,
): boolean => {
  const nm = reachedNm(rows, { joint, stage, fastener });
  return nm !== null && pullVerdict(nm, stagesNm[stage - 1]!) !== 'under';
};

/** The fasteners of a stage that have not reached it, in the order in which they are pulled. */
export const leftOfStage = (tightening: Tightening, rows: readonly TorqueRow[], stage: number): number[] =>
  pullOrder(tightening.lugCount).filter((fastener) => !isReached(rows, tightening, { stage, fastener }));

/** The pull that is due next: the first stage that is not complete, in star order; null once all stages are. */
export function nextTurn(tightening: Tightening, rows: readonly TorqueRow[]): Turn | null {
  for (const [at, nm] of tightening.stagesNm.entries()) {
    const [fastener] = leftOfStage(tightening, rows, at + 1);
    if (fastener !== undefined) return { stage: at + 1, fastener, nm };
  }
  return null;
}

/** What is wrong with a pull, in the order of its weight. */
export type PullFault =
  | { kind: 'stretched' | 'over' | 'under'; stageNm: number }
  /** A later stage than the one that is not complete. */
  | { kind: 'stage'; dueStage: number; left: number }
  /** Another fastener than the star has next. */
  | { kind: 'order'; dueFastener: number };

/** A pull held against what was due before it. Rows are those before it. */
export function pullFaults(tightening: Tightening, rows: readonly TorqueRow[], pull: Turn): PullFault[] {
  const stageNm = tightening.stagesNm[pull.stage - 1];
  if (stageNm === undefined) return [];
  const due = nextTurn(tightening, rows);
  const verdict = pullVerdict(pull.nm, stageNm);
  const faults: PullFault[] = verdict === 'within' ? [] : [{ kind: verdict, stageNm }];
  if (due && pull.stage > due.stage)
    faults.push({ kind: 'stage', dueStage: due.stage, left: leftOfStage(tightening, rows, due.stage).length });
  else if (due && pull.stage === due.stage && pull.fastener !== due.fastener)
    faults.push({ kind: 'order', dueFastener: due.fastener });
  return faults;
}

/** Every pull of a joint that something is wrong with, in time. */
export function faultyPulls(
  tightening: Tightening,
  rows: readonly TorqueRow[],
): { row: TorqueRow; faults: PullFault[] }[] {
  const own = rows.filter(({ joint }) => joint === tightening.joint);
  return own.flatMap((row, at) => {
    const faults = pullFaults(tightening, own.slice(0, at), row);
    return faults.length > 0 ? [{ row, faults }] : [];
  });
}

/** Fasteners that a pull may have stretched. */
export const stretched = (tightening: Tightening, rows: readonly TorqueRow[]): number[] => [
  ...new Set(
    faultyPulls(tightening, rows)
      .filter(({ faults }) => faults.some(({ kind }) => kind === 'stretched'))
      .map(({ row }) => row.fastener),
  ),
];
