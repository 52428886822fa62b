import type { LogKind } from '#formats/log';

/** What the kinds of entries are called together. */
export const KIND_NAMES: Record<LogKind, string> = {
  reading: 'Readings',
  setup: 'Setups',
  brief: 'Brief',
  decision: 'Decisions',
  fitting: 'Fittings',
  step: 'Steps',
  torque: 'Torque',
  measured: 'Measured at fit-up',
  mark: 'Marks',
  note: 'Notes and photos',
};
