import type { Instrument } from '#core/job';

export const INSTRUMENT_NAMES: Record<Instrument, string> = {
  'steel-rule': 'steel rule',
  tape: 'tape',
  caliper: 'caliper',
  label: 'label or stamp',
  assumed: 'assumed',
};
