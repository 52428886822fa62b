import type { Edit } from '#core/job';
import type { Fault } from '#formats/job';
import type { HistoryEntry, OpenJob } from '#formats/openJob';
import type { Mark } from './openJob';

/** One change that somebody else saved meanwhile. */
export interface ForeignChange {
  label: string;
  at: string;
  edits: Edit[];
  /** The same places as they were before. */
  inverse: Edit[];
  /** Whether it concerns a place that the refused edits concern too. */
  meets: boolean;
}

/** What a save has changed, for a table that has everything else: as small for a long history as for a short one. */
export interface Saved extends Mark {
  /** What was made: the edits that were sent, or those of a step through the history, which are not known there. */
  made: Edit[] | 'as sent';
  /** Readings that were added. */
  readings: HistoryEntry[];
  /** Readings that a step took back, or made count again, by their ids. */
  withdrawn: { ids: number[]; withdrawn: boolean };
  /** Readings that had to go because there are only so many, by their ids. */
  dropped: number[];
}

export type SaveResult =
  | ({ status: 'saved' } & Saved)
  /** `earlier` says how many changes came before those that are listed. */
  | { status: 'conflict'; open: OpenJob; changes: ForeignChange[]; earlier: number }
  | { status: 'invalid'; faults: Fault[] }
  | { status: 'nothing' }
  | { status: 'gone' };
