import { readThread, SEAT_NAMES } from '#core/fastener';
import { readLoadRange, readSpeedSymbol } from '#core/load';
import type { StoreItem, StoreKind } from '#core/shelf';
import { readTireSize } from '#core/tire';
import type { RangeName } from '#formats/fields';
import { faceText, outlineText, readFaceText, readOutlineText } from '#formats/shapes';

/** A shape as a line of text; reading throws DomainError. */
export interface Shape {
  kind: 'face' | 'outline';
  read(text: string): unknown;
  write(value: never): string;
}
const FACE: Shape = { kind: 'face', read: readFaceText, write: faceText };
const OUTLINE: Shape = { kind: 'outline', read: readOutlineText, write: outlineText };

/** A column of the stores: how its value is written in a file and on the screen. */
export interface Column {
  key: keyof StoreItem;
  label: string;
  /** `length` in mm, `rim` in inches, `number` with the unit given. */
  type: 'text' | 'length' | 'rim' | 'number' | 'marking' | 'choice' | 'shape';
  /** Of a marking: reads it and gives it back as it is kept, or throws DomainError. */
  mark?: (text: string) => string;
  /** Of a shape: how it is read from one line of text, and written as one. */
  shape?: Shape;
  range?: RangeName;
  whole?: boolean;
  unit?: string;
  required?: boolean;
  choices?: Readonly<Record<string, string>>;
}

const length = (key: keyof StoreItem, label: string, range: RangeName, required = false): Column => ({
  key,
  label,
  type: 'length',
  range,
  required,
});
const lugs = (key: 'lugCount' | 'toLugCount', label: string, required = false): Column => ({
  key,
  label,
  type: 'number',
  range: 'lugCount',
  whole: true,
  required,
});
const seat: Column = { key: 'seat', label: 'Seat', type: 'choice', choices: SEAT_NAMES };
const thread = (required: boolean): Column => ({
  key: 'thread',
  label: 'Thread',
  type: 'marking',
  mark: (text) => readThread(text).name,
  required,
});
const mass: Column = { key: 'massKg', label: 'Weight', type: 'number', range: 'massKg', unit: 'kg' };
const loadIndex = (key: 'loadIndex' | 'loadIndexDual', label: string): Column => ({
  key,
  label,
  type: 'number',
  range: 'loadIndex',
  whole: true,
});
const SENSOR_SEATS = { 'clamp-in': 'clamp-in', 'snap-in': 'snap-in', either: 'either', none: 'none' };

/** A tire size as it is kept: as it was typed, once it has been read. */
function sizeAsTyped(text: string): string {
  readTireSize(text);
  return text.trim();
}

/** What every item has. */
const COMMON: readonly Column[] = [
  { key: 'name', label: 'Name', type: 'text', required: true },
  { key: 'maker', label: 'Maker', type: 'text' },
  { key: 'quantity', label: 'Kept', type: 'number', range: 'quantity', whole: true },
  { key: 'priceEach', label: 'Price each', type: 'number', range: 'price' },
];

/** What an item of a kind has besides. */
const COLUMNS: Readonly<Record<StoreKind, readonly Column[]>> = {
  spacer: [
    length('thicknessMm', 'Thickness', 'thicknessMm', true),
    lugs('lugCount', 'Lugs'),
    length('boltCircleMm', 'Bolt circle', 'boltCircleMm'),
    length('innerBoreMm', 'Bore', 'boreMm'),
    length('outerLipMm', 'Lip ⌀', 'boreMm'),
    length('lipMm', 'Lip height', 'lipMm'),
    mass,
  ],
  adapter: [
    length('thicknessMm', 'Thickness', 'thicknessMm', true),
    length('seatThicknessMm', 'At its seat', 'seatThicknessMm'),
    lugs('lugCount', 'Lugs', true),
    length('boltCircleMm', 'Bolt circle', 'boltCircleMm', true),
    lugs('toLugCount', 'To lugs'),
    length('toBoltCircleMm', 'To circle', 'boltCircleMm'),
    length('innerBoreMm', 'Bore', 'boreMm'),
    length('outerLipMm', 'Lip ⌀', 'boreMm'),
    thread(false),
    length('studLengthMm', 'Stud length', 'fastenerLengthMm'),
    seat,
    { key: 'torqueNm', label: 'Torque', type: 'number', range: 'torqueNm', unit: 'N·m' },
    mass,
  ],
  ring: [
    length('outerMm', 'Outer ⌀', 'ringMm', true),
    length('innerMm', 'Inner ⌀', 'ringMm', true),
    { key: 'material', label: 'Material', type: 'choice', choices: { plastic: 'plastic', metal: 'metal' } },
  ],
  fastener: [
    { key: 'form', label: 'Form', type: 'choice', choices: { nut: 'nut', bolt: 'bolt', stud: 'stud' }, required: true },
    thread(true),
    length('lengthMm', 'Length', 'fastenerLengthMm'),
    seat,
  ],
  wheel: [
    { key: 'rimDiameterIn', label: 'Rim ⌀', type: 'rim', range: 'rimDiameterIn', required: true },
    { key: 'rimWidthIn', label: 'Rim width', type: 'rim', range: 'rimWidthIn', required: true },
    { ...length('offsetMm', 'Offset', 'offsetMm', true) },
    lugs('lugCount', 'Lugs', true),
    length('boltCircleMm', 'Bolt circle', 'boltCircleMm', true),
    length('boreMm', 'Bore', 'boreMm'),
    seat,
    length('padThicknessMm', 'Pad', 'padThicknessMm'),
    length('pocketDepthMm', 'Pockets', 'pocketDepthMm'),
    length('lugHoleMm', 'Lug hole', 'studHoleMm'),
    length('seatDiameterMm', 'Seat ⌀', 'seatDiameterMm'),
    { key: 'ratingKg', label: 'Rating', type: 'number', range: 'ratingKg', unit: 'kg' },
    mass,
    { key: 'sensorBody', label: 'Sensor seat', type: 'choice', choices: SENSOR_SEATS },
    length('valveHoleMm', 'Valve hole ⌀', 'valveHoleMm'),
    { key: 'innerFace', label: 'Inner face', type: 'shape', shape: FACE },
  ],
  caliper: [
    length('rotorDiameterMm', 'Rotor ⌀', 'rotorDiameterMm'),
    { key: 'outline', label: 'Outline', type: 'shape', shape: OUTLINE },
    mass,
  ],
  tire: [
    { key: 'size', label: 'Size', type: 'marking', mark: sizeAsTyped, required: true },
    loadIndex('loadIndex', 'Load index'),
    loadIndex('loadIndexDual', 'Load index, dual'),
    { key: 'speed', label: 'Speed', type: 'marking', mark: readSpeedSymbol },
    { key: 'loadRange', label: 'Load range', type: 'marking', mark: readLoadRange },
    { key: 'testRimIn', label: 'Test rim', type: 'rim', range: 'rimWidthIn' },
    length('sectionWidthMm', 'Section on it', 'sectionWidthMm'),
    length('overallDiameterMm', 'Overall diameter', 'overallDiameterMm'),
    length('treadWidthMm', 'Tread width', 'treadWidthMm'),
    length('minDualSpacingMm', 'Least dual spacing', 'minDualSpacingMm'),
    mass,
  ],
};

/** A value of a column as a file or a field holds it; empty where there is none. */
export const cellOf = (column: Column, value: unknown): string | number =>
  value == null ? '' : column.shape ? column.shape.write(value as never) : (value as string | number);

/** The columns of a kind, in the order of screen and file. */
export const columnsOf = (kind: StoreKind): readonly Column[] => [...COMMON, ...COLUMNS[kind]];

/** Every column of a file, kind first. */
export const FILE_COLUMNS: readonly string[] = [
  ...new Set([
    'kind',
    ...COMMON.map(({ key }) => key),
    ...Object.values(COLUMNS).flatMap((columns) => columns.map(({ key }) => key)),
  ]),
];
