// What was written down and decided at the demo's cars. All invented.
import type { Decision } from '#core/job';
import type { Note } from '#core/note';

/** What was written down beside the work, and what it shows. */
export const NOTES: Readonly<Record<string, readonly (Omit<Note, 'photos'> & { shows?: string[] })[]>> = {
  'brindle-kite': [
    {
      id: 'n1',
      at: '2026-02-03T09:05:00.000Z',
      by: 'MR',
      text: 'Liner clip behind this wheel is missing: the liner hangs 4 mm lower. New clip before the fitting.',
      about: { station: 'room', corner: 'frontRight' },
    },
    {
      id: 'n2',
      at: '2026-02-18T09:10:00.000Z',
      by: 'MR',
      text: 'Hub faces cleaned to bare metal. No 0.05 mm feeler goes under the spacer, all round.',
      about: { station: 'fit-up', corner: 'frontRight', fitting: 'f2', step: 'spacer-flush-hub' },
      shows: ['spacer-on-hub.jpg'],
    },
    {
      id: 'n3',
      at: '2026-02-18T12:05:00.000Z',
      by: 'MR',
      about: { station: 'fit-up', corner: 'frontRight', fitting: 'f2' },
      shows: ['level-and-rule.jpg'],
    },
  ],
  'velder-two': [
    {
      id: 'n1',
      at: '2026-03-05T12:50:00.000Z',
      by: 'JT',
      text: 'Paint across bolts and wheel, so that a turn shows at the retorque.',
      about: { station: 'fit-up', corner: 'frontLeft', fitting: 'f1' },
      shows: ['painted-bolts.jpg'],
    },
  ],
};
/** Which setup was decided for, before it was fitted. */
export const DECISIONS: Readonly<Record<string, Decision>> = {
  'brindle-kite': {
    setup: 'b',
    decidedAt: '2026-02-12T10:20:00.000Z',
    by: 'MR',
    why: 'nearest to the wished tuck with room for the strut',
    against: [
      { setup: 'c', why: 'its spokes touch the brake' },
      { setup: 'd', why: 'pokes past the lip: seen at the mock-up' },
    ],
  },
  'velder-two': { setup: 'b', decidedAt: '2026-02-27T15:00:00.000Z', by: 'JT', why: 'keeps to the class' },
  'orrin-haul': {
    setup: 'b',
    decidedAt: '2026-02-13T09:30:00.000Z',
    by: 'JT',
    why: 'clears the bumper corner at full lock',
    against: [{ setup: 'd', why: 'rubbed at the mock-up' }],
  },
  'pallas-tender': { setup: 'b', decidedAt: '2026-03-09T11:00:00.000Z', by: 'MR' },
};
