import type { Edit } from '#core/job';
import type { Saved } from '../saved';

/** What a screen hears of a job that others have open too; its id is the revision that it is about. */
export interface LiveEvents {
  /** A save, as small as it is; for screens that have the revision before it. */
  saved: Saved & { made: Edit[] };
  /** There is a later revision: it is to be asked for. */
  behind: { revision: number };
  /** Who has the job open; which of them this screen is. */
  present: { own: string; screens: Screen[] };
}

/** A screen that has a job open. */
export interface Screen {
  id: string;
  /** Initials or the device, whatever is known of who is there; null where nothing is. */
  name: string | null;
}
