import type { Fitting } from '#core/fitting';
import type { Note, Photo } from '#core/note';
import type { AxleName } from './axle';
import type { Brief, ShopDefaults } from './brief';
import type { Customer, Decision } from './decision';
import type { Setup } from './setup';
import type { Vehicle } from './vehicle';

/** A whole job as the job file keeps it. Lengths mm, angles degrees, unless the name says otherwise. */
export interface Job {
  format: 'scoval.job';
  version: 1;
  title?: string | undefined;
  vehicle: Vehicle;
  brief?: Brief | undefined;
  /** The shop's own limits and rules, as they were when the file was written. */
  house?: ShopDefaults | undefined;
  /** Whose car it is; left out of a file unless it is asked for. */
  customer?: Customer | undefined;
  setups: Setup[];
  /** The setup that was chosen. */
  decision?: Decision | undefined;
  /** What was put on the car, and what was found there. */
  fittings?: Fitting[] | undefined;
  /** What was written down beside the work. */
  notes?: Note[] | undefined;
  /** The photos of notes and marks; the pictures lie in files of their own. */
  photos?: Photo[] | undefined;
}

/** A setup of a job, on one of its axles. */
export interface SetupOnAxle {
  job: Job;
  setup: Setup;
  axle: AxleName;
}
