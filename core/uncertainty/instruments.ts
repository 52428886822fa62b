/** What a reading was taken with. */
export const INSTRUMENTS = ['steel-rule', 'tape', 'caliper', 'feeler', 'label', 'assumed'] as const;
export type Instrument = (typeof INSTRUMENTS)[number];

/** What a tool's readings are good for, ± mm at 95 % (common practice, no source). A label states what it states. */
export const INSTRUMENT_UNCERTAINTY_MM: Record<Instrument, number | null> = {
  'steel-rule': 0.5,
  tape: 1.5,
  caliper: 0.1,
  feeler: 0.05,
  label: null,
  assumed: 5,
};
