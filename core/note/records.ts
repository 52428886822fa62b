import type { Corner } from '#core/fitting';

/** Where a note can be written: the stations of a job, by their addresses. */
export const NOTE_STATIONS = [
  'hub',
  'room',
  'brakes',
  'brief',
  'window',
  'setups',
  'compare',
  'sweep',
  'stance',
  'fit-up',
  'log',
] as const;
export type NoteStation = (typeof NOTE_STATIONS)[number];

/** What a note is about: a station, and what was looked at there. */
export interface NotePlace {
  station: NoteStation;
  axle?: 'front' | 'rear' | undefined;
  corner?: Corner | undefined;
  setup?: string | undefined;
  fitting?: string | undefined;
  /** A step of that fitting, kept at that corner. */
  step?: string | undefined;
  /** The reading that was in hand, as it is called. */
  reading?: string | undefined;
}

/** Something that somebody wrote down, or took a photo of. */
export interface Note {
  id: string;
  /** When it was written. */
  at: string;
  by?: string | undefined;
  text?: string | undefined;
  /** Ids of its photos. */
  photos?: string[] | undefined;
  /** Left out where it is about the whole job. */
  about?: NotePlace | undefined;
}

/** A photo of a job; the picture itself lies in a file of its own. */
export interface Photo {
  id: string;
  /** How its file was called when it came. */
  name?: string | undefined;
  widthPx?: number | undefined;
  heightPx?: number | undefined;
}
