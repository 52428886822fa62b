import { calibrate } from '#core/calibration';
import { runOnJobs } from './command';

/** Prints how far off the predictions of some job files were. */
await runOnJobs({ usage: 'calibrate -- FILE…', several: true }, (jobs) => ({ json: calibrate(jobs) }));
