import { NO_SWEEPS } from '#core/evaluate';
import { demoJob, type DemoName } from '#support/jobs';
import { sheetOf } from './sheet';
import { isCarStep, stepName } from './stepName';

const part = (id: string) => `the ${id}`;

test.each([
  ['hub-clean', 'Hub face and rotor hat cleaned'],
  ['spacer-flush-hub', 'Dry fit: spacer flush on hub'],
  ['read-archgap', 'Read: fender clearance'],
  ['read-dual-gap', 'Read the gap between dual tires'],
  ['look-at-tie-rod-end', 'Looked at: the tie-rod-end'],
  ['pressure-front', 'Tires set to pressure: front'],
  ['nobody-knows', 'Nobody knows'],
])('%s: %s', (id, name) => expect(stepName(id, part)).toBe(name));

test.each<DemoName>(['brindle-kite', 'velder-two', 'orrin-haul', 'pallas-tender'])(
  '%s: every step of its sheets has a name of its rule, and is of the car or of a corner as its rule is',
  (name) => {
    const job = demoJob(name);
    for (const { id: setup } of job.setups)
      for (const { id, corner } of sheetOf(job, setup, { sweeps: NO_SWEEPS }).steps) {
        expect(stepName(id, part)).toMatch(/^[A-Z]/);
        expect([id, isCarStep(id)]).toEqual([id, corner === null]);
      }
  },
);
