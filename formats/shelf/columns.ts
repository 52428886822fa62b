import { readThread, SEAT_NAMES } from '#core/fastener';
import { readLoadRange, readSpeedRating } from '#core/load';
import type { ShelfItem, ShelfKind } from '#core/shelf';
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

/** A column of the shelf: how its value is written in a file and on the screen. */
export interface Column {
  key: keyof ShelfItem;
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

const length = ({
  key,
  label,
  range,
  required = false,
}: {
  key: keyof ShelfItem;
  label: string;
  range: RangeName;
  required?: boolean | undefined;
}): Column => ({
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
const COLUMNS: Readonly<Record<ShelfKind, readonly Column[]>> = {
  spacer: [
    length({ key: 'thicknessMm', label: 'Thickness', range: 'thicknessMm', required: true }),
    lugs('lugCount', 'Lugs'),
    length({ key: 'boltCircleMm', label: 'Bolt circle', range: 'boltCircleMm' }),
    length({ key: 'innerBoreMm', label: 'Bore', range: 'boreMm' }),
    length({ key: 'outerLipMm', label: 'Lip ⌀', range: 'boreMm' }),
    length({ key: 'lipMm', label: 'Lip height', range: 'lipMm' }),
    mass,
  ],
  adapter: [
    length({ key: 'thicknessMm', label: 'Thickness', range: 'thicknessMm', required: true }),
    length({ key: 'seatThicknessMm', label: 'Thickness under the lug seat', range: 'seatThicknessMm' }),
    lugs('lugCount', 'Lugs', true),
    length({ key: 'boltCircleMm', label: 'Bolt circle', range: 'boltCircleMm', required: true }),
    lugs('toLugCount', 'Wheel lugs'),
    length({ key: 'toBoltCircleMm', label: 'Wheel bolt circle', range: 'boltCircleMm' }),
    length({ key: 'innerBoreMm', label: 'Bore', range: 'boreMm' }),
    length({ key: 'outerLipMm', label: 'Lip ⌀', range: 'boreMm' }),
    thread(false),
    length({ key: 'studLengthMm', label: 'Stud length', range: 'fastenerLengthMm' }),
    seat,
    { key: 'torqueNm', label: 'Torque', type: 'number', range: 'torqueNm', unit: 'N·m' },
    mass,
  ],
  ring: [
    length({ key: 'outerMm', label: 'Outer ⌀', range: 'ringMm', required: true }),
    length({ key: 'innerMm', label: 'Inner ⌀', range: 'ringMm', required: true }),
    { key: 'material', label: 'Material', type: 'choice', choices: { plastic: 'plastic', metal: 'metal' } },
  ],
  fastener: [
    { key: 'form', label: 'Form', type: 'choice', choices: { nut: 'nut', bolt: 'bolt', stud: 'stud' }, required: true },
    thread(true),
    length({ key: 'lengthMm', label: 'Length', range: 'fastenerLengthMm' }),
    seat,
  ],
  wheel: [
    { key: 'rimDiameterIn', label: 'Rim ⌀', type: 'rim', range: 'rimDiameterIn', required: true },
    { key: 'rimWidthIn', label: 'Rim width', type: 'rim', range: 'rimWidthIn', required: true },
    { ...length({ key: 'offsetMm', label: 'Offset', range: 'offsetMm', required: true }) },
    lugs('lugCount', 'Lugs', true),
    length({ key: 'boltCircleMm', label: 'Bolt circle', range: 'boltCircleMm', required: true }),
    length({ key: 'boreMm', label: 'Bore', range: 'boreMm' }),
    seat,
    length({ key: 'padThicknessMm', label: 'Pad', range: 'padThicknessMm' }),
    length({ key: 'pocketDepthMm', label: 'Pockets', range: 'pocketDepthMm' }),
    length({ key: 'lugHoleMm', label: 'Lug hole', range: 'studHoleMm' }),
    length({ key: 'seatDiameterMm', label: 'Seat ⌀', range: 'seatDiameterMm' }),
    { key: 'ratingKg', label: 'Rating', type: 'number', range: 'ratingKg', unit: 'kg' },
    mass,
    { key: 'sensorBody', label: 'Sensor seat', type: 'choice', choices: SENSOR_SEATS },
    length({ key: 'valveHoleMm', label: 'Valve hole ⌀', range: 'valveHoleMm' }),
    { key: 'innerFace', label: 'Inner face', type: 'shape', shape: FACE },
  ],
  caliper: [
    length({ key: 'rotorDiameterMm', label: 'Rotor ⌀', range: 'rotorDiameterMm' }),
    { key: 'outline', label: 'Outline', type: 'shape', shape: OUTLINE },
    mass,
  ],
  tire: [
    { key: 'size', label: 'Size', type: 'marking', mark: sizeAsTyped, required: true },
    loadIndex('loadIndex', 'Load index'),
    loadIndex('loadIndexDual', 'Load index, dual'),
    { key: 'speed', label: 'Speed', type: 'marking', mark: readSpeedRating },
    { key: 'loadRange', label: 'Load range', type: 'marking', mark: readLoadRange },
    { key: 'testRimIn', label: 'Test rim', type: 'rim', range: 'rimWidthIn' },
    length({ key: 'sectionWidthMm', label: 'Section on it', range: 'sectionWidthMm' }),
    length({ key: 'overallDiameterMm', label: 'Overall diameter', range: 'overallDiameterMm' }),
    length({ key: 'treadWidthMm', label: 'Tread width', range: 'treadWidthMm' }),
    length({ key: 'minDualSpacingMm', label: 'Least dual spacing', range: 'minDualSpacingMm' }),
    mass,
  ],
};

/** A value of a column as a file or a field holds it; empty where there is none. */
export const cellOf = (column: Column, value: unknown): string | number =>
  value == null ? '' : column.shape ? column.shape.write(value as never) : (value as string | number);

/** The columns of a kind, in the order of screen and file. */
export const columnsOf = (kind: ShelfKind): readonly Column[] => [...COMMON, ...COLUMNS[kind]];

/** Every column of a file, kind first. */
export const FILE_COLUMNS: readonly string[] = [
  ...new Set([
    'kind',
    ...COMMON.map(({ key }) => key),
    ...Object.values(COLUMNS).flatMap((columns) => columns.map(({ key }) => key)),
  ]),
];
