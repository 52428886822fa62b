import type { Job, ReadingRecord } from '#core/job';
import type { RulesMoved } from '#core/standing';

/** A reading of the history; its id is the database's. */
export interface HistoryEntry extends ReadingRecord {
  id: number;
  corner: string;
}

/** A job as its stations need it. */
export interface OpenJob {
  id: string;
  number: string;
  revision: number;
  job: Job;
  updatedAt: string;
  archived: boolean;
  /** The earliest first. */
  readings: HistoryEntry[];
  undo: string | null;
  redo: string | null;
  /** What other rules made of its verdicts, until somebody has seen it. */
  rulesMoved: RulesMoved | null;
}
