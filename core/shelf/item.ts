import type { Tire } from '#core/tire';
import type { Seat, SetupFastener } from '#core/fastener';
import type { AxialPoint, Caliper } from '#core/brake';
import type { StackPart, Wheel } from '#core/job';
import type { Priced } from '#core/units';

export type ShelfKind = 'spacer' | 'adapter' | 'ring' | 'fastener' | 'wheel' | 'tire' | 'caliper';
export const SHELF_KINDS: readonly ShelfKind[] = ['spacer', 'adapter', 'ring', 'fastener', 'wheel', 'tire', 'caliper'];

type Kept<T> = { [key in keyof T]?: T[key] };

/** Something the shop keeps: what it is, how many, and the dimensions its kind has. Lengths mm. */
export interface ShelfItem
  extends
    Kept<
      Pick<
        Wheel,
        | 'rimDiameterIn'
        | 'rimWidthIn'
        | 'offsetMm'
        | 'boreMm'
        | 'boreDepthMm'
        | 'padThicknessMm'
        | 'pocketDepthMm'
        | 'lugHoleMm'
        | 'seatDiameterMm'
        | 'ratingKg'
        | 'lugCount'
        | 'boltCircleMm'
        | 'massKg'
        | 'sensorBody'
        | 'valveHoleMm'
        | 'innerFace'
      >
    >,
    Kept<
      Pick<
        Tire,
        | 'size'
        | 'testRimIn'
        | 'sectionWidthMm'
        | 'overallDiameterMm'
        | 'treadWidthMm'
        | 'loadIndex'
        | 'loadIndexDual'
        | 'speed'
        | 'loadRange'
        | 'minDualSpacingMm'
      >
    >,
    Kept<
      Pick<
        StackPart,
        | 'thicknessMm'
        | 'innerBoreMm'
        | 'lipMm'
        | 'outerLipMm'
        | 'seatThicknessMm'
        | 'toLugCount'
        | 'toBoltCircleMm'
        | 'studLengthMm'
        | 'torqueNm'
        | 'outerMm'
        | 'innerMm'
      >
    > {
  kind: ShelfKind;
  name: string;
  maker?: string | undefined;
  quantity?: number | null | undefined;
  priceEach?: number | null | undefined;
  /** The supplier on whose list it stands; left out of what the shop keeps. */
  listedBy?: string | undefined;
  material?: 'plastic' | 'metal' | undefined;
  form?: 'nut' | 'bolt' | 'stud' | undefined;
  thread?: string | undefined;
  lengthMm?: number | null | undefined;
  seat?: Seat | undefined;
  rotorDiameterMm?: number | null | undefined;
  outline?: AxialPoint[] | undefined;
}

const WHEEL_KEYS = [
  'rimDiameterIn',
  'rimWidthIn',
  'offsetMm',
  'lugCount',
  'boltCircleMm',
  'boreMm',
  'boreDepthMm',
  'seat',
  'lugHoleMm',
  'seatDiameterMm',
  'padThicknessMm',
  'pocketDepthMm',
  'ratingKg',
  'massKg',
  'sensorBody',
  'valveHoleMm',
  'innerFace',
] as const;
const PIECE_KEYS = [
  'thicknessMm',
  'innerBoreMm',
  'lipMm',
  'outerLipMm',
  'seatThicknessMm',
  'toLugCount',
  'toBoltCircleMm',
  'thread',
  'studLengthMm',
  'seat',
  'torqueNm',
  'outerMm',
  'innerMm',
  'massKg',
] as const;
const TIRE_KEYS = [
  'size',
  'testRimIn',
  'sectionWidthMm',
  'overallDiameterMm',
  'treadWidthMm',
  'loadIndex',
  'loadIndexDual',
  'speed',
  'loadRange',
  'minDualSpacingMm',
  'massKg',
] as const;

const picked = (item: ShelfItem, keys: readonly (keyof ShelfItem)[]): Record<string, unknown> =>
  Object.fromEntries(keys.filter((key) => item[key] != null).map((key) => [key, item[key]]));

/** What an item costs goes along with it, as it was when it was taken. */
const priced = ({ priceEach, listedBy }: ShelfItem): Priced =>
  priceEach == null ? {} : { priceEach, priceFrom: listedBy === undefined ? 'shelf' : `list ${listedBy}` };

/** What an item is called: its maker and its name. */
export const itemName = ({ maker, name }: ShelfItem): string => (maker ? `${maker} ${name}` : name);

/** A wheel of the shelf as a setup carries it. */
export const wheelFromShelf = (item: ShelfItem): Wheel => ({ ...picked(item, WHEEL_KEYS), ...priced(item) });

/** A brake of the shelf as a car carries it. */
export const caliperFromShelf = (item: ShelfItem): Caliper => ({
  label: itemName(item),
  ...picked(item, ['outline', 'rotorDiameterMm']),
  ...(item.outline ? { origin: 'file' as const } : {}),
});

/** A tire of the shelf as a setup carries it, by its make. */
export const tireFromShelf = (item: ShelfItem): Tire => ({
  label: itemName(item),
  ...picked(item, TIRE_KEYS),
  ...priced(item),
});

/** A spacer, adapter or ring of the shelf as a stack carries it. */
export const pieceFromShelf = (item: ShelfItem): StackPart => ({
  kind: item.kind === 'ring' ? 'ring' : item.kind === 'adapter' ? 'bolt-on' : 'slip-on',
  label: itemName(item),
  ...picked(item, PIECE_KEYS),
  ...priced(item),
});

/** Nuts, bolts or studs of the shelf as they come with a setup; how long a nut is says nothing of the thread. */
export const fastenerFromShelf = (item: ShelfItem): SetupFastener => ({
  ...picked(item, item.form === 'nut' ? ['thread', 'seat'] : ['thread', 'lengthMm', 'seat']),
  ...priced(item),
});
