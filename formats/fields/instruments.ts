import type { Instrument } from '#core/uncertainty';

export const INSTRUMENT_NAMES: Record<Instrument, string> = {
  'steel-rule': 'steel rule',
  tape: 'tape',
  caliper: 'caliper',
  feeler: 'feeler gauge',
  label: 'label or stamp',
  assumed: 'assumed',
};
