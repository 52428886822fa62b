/** A number that may be missing: left out or null. */
export type Measured = number | null | undefined;

/** What a reading was taken with. */
export type Instrument = 'steel-rule' | 'tape' | 'caliper' | 'label' | 'assumed';
