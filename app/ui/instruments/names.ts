import type { Connection, InstrumentKind } from '#core/instrument';
import { INSTRUMENT_NAMES } from '#formats/fields';

export const KIND_NAMES: Record<InstrumentKind, string> = {
  'steel-rule': INSTRUMENT_NAMES['steel-rule'],
  tape: INSTRUMENT_NAMES.tape,
  caliper: 'caliper or depth gauge',
  feeler: INSTRUMENT_NAMES.feeler,
  'torque-wrench': 'torque wrench',
};

export const CONNECTION_NAMES: Record<Connection, string> = {
  typed: 'read and typed',
  keyboard: 'as a keyboard',
  serial: 'over a serial port',
};
