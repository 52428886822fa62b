import type { Corner } from '#core/fitting';
import type { AxleName, Edit, ReadingRecord } from '#core/job';

/** What the log tells of. */
export const LOG_KINDS = [
  'reading',
  'setup',
  'brief',
  'decision',
  'fitting',
  'step',
  'torque',
  'measured',
  'mark',
  'note',
] as const;
export type LogKind = (typeof LOG_KINDS)[number];

/** Where an entry leads: a station, and what is looked at there. */
export interface LogPlace {
  station: string;
  axle?: AxleName;
  side?: 'left' | 'right';
  setup?: string;
  fitting?: string;
  view?: string;
  mark?: string;
}

/** One thing that happened to a job. */
export interface LogEntry {
  /** ISO 8601. */
  at: string;
  kind: LogKind;
  /** The corner it was at; an axle's own entries belong to both its corners, those of the whole car to none. */
  corner: Corner | null;
  axle: AxleName | null;
  text: string;
  /** Who did it, where that is known. */
  by: string | null;
  place: LogPlace;
  /** The note that it is, where it is one. */
  note?: string;
  /** Ids of its photos. */
  photos?: readonly string[];
}

/** A reading of the history as the log takes it. */
export interface LoggedReading extends ReadingRecord {
  corner: string;
}

/** A saved change as the log takes it. */
export interface LoggedChange {
  at: string;
  kind: 'edit' | 'undo' | 'redo';
  label: string;
  edits: readonly Edit[];
}
