import type { Instrument } from '#core/uncertainty';

/** Which instrument of the shop a reading was taken with, and when that was calibrated. */
export interface InstrumentMark {
  name: string;
  /** Days as `2026-03-01`. */
  calibratedOn?: string | null | undefined;
  /** The last day for which its calibration holds. */
  dueOn?: string | null | undefined;
}

/** Where a reading comes from, beside the kind of tool it was taken with. */
export interface Origin {
  shopInstrument?: InstrumentMark | undefined;
  /** The number of the job that it was taken over from: another car of the kind was measured there. */
  fromJob?: string | undefined;
}

/** What the shop's own instruments measure. */
export const INSTRUMENT_KINDS = ['steel-rule', 'tape', 'caliper', 'feeler', 'torque-wrench'] as const;
export type InstrumentKind = (typeof INSTRUMENT_KINDS)[number];

/** How an instrument sends lines over a serial port; what a line is to look like, where that is not seen by itself. */
export interface LineSettings {
  baudRate: number;
  dataBits: 7 | 8;
  stopBits: 1 | 2;
  parity: 'none' | 'even' | 'odd';
  /** A line with `{value}`, `{unit}` and `*` for anything, such as `01A{value}`; null takes the usual forms. */
  pattern: string | null;
  /** The unit of lines that name none. */
  unit: LineUnit;
  /** Which port it was connected by, so that it is found again; null until then. */
  port: { vendorId: number; productId: number } | null;
}

/** The units in which instruments send. */
export const LINE_UNITS = ['mm', 'in', 'N·m', 'lb·ft'] as const;
export type LineUnit = (typeof LINE_UNITS)[number];

/** How the values of an instrument come in: read off and typed, typed by itself as a keyboard does, or by a port. */
export const CONNECTIONS = ['typed', 'keyboard', 'serial'] as const;
export type Connection = (typeof CONNECTIONS)[number];

/** An instrument that the shop knows by name. */
export interface ShopInstrument {
  id: string;
  name: string;
  kind: InstrumentKind;
  /** ± at 95 %: mm, and of a torque wrench percent of what it shows; null is as its kind usually is. */
  plusMinus: number | null;
  calibratedOn: string | null;
  /** How long a calibration holds; null where it is never due. */
  everyMonths: number | null;
  connection: Connection;
  line: LineSettings;
}

/** The speeds that serial instruments are set to. */
export const BAUD_RATES = [300, 1200, 2400, 4800, 9600, 19200, 38400, 57600, 115200] as const;
/** The most that an instrument may be off: mm, of a torque wrench percent. */
export const MOST_PLUS_MINUS = 20;
/** The longest that a calibration may hold, months. */
export const MOST_MONTHS = 120;

/** How lines usually come: 9600 baud, eight bits, no parity, one stop bit. */
export const USUAL_LINE: LineSettings = {
  baudRate: 9600,
  dataBits: 8,
  stopBits: 1,
  parity: 'none',
  pattern: null,
  unit: 'mm',
  port: null,
};

/** The kind of tool that readings of an instrument count as; null for one that reads no length. */
export const toolOf = ({ kind }: Pick<ShopInstrument, 'kind'>): Instrument | null =>
  kind === 'torque-wrench' ? null : kind;
