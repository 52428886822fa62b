import { meet, type Box } from '../drawing/box';
import type { Anchors } from './anchors';

/** What stands on a section: figures at their dimension lines, and fields. First ones have the first choice. */
export const SLOT_NAMES = [
  'arch',
  'inner',
  'outer',
  'tire',
  'rim',
  'stack',
  'offset',
  'backspacing',
  'effective',
] as const;
export type SlotName = (typeof SLOT_NAMES)[number];

/** A place on the paper; the anchor is its middle, or the edge that is named. */
export interface Slot {
  x: number;
  y: number;
  anchor: 'middle' | 'left' | 'right';
}

export interface SlotSize {
  width: number;
  height: number;
}

export type Slots = Partial<Record<SlotName, Slot>>;

/** Where each would stand if nothing were in its way. */
export function slotsOf(anchors: Anchors): Record<SlotName, Slot> {
  const at = ([x, y]: readonly [number, number], anchor: Slot['anchor'] = 'middle'): Slot => ({ x, y, anchor });
  return {
    arch: at(anchors.archLabel, 'right'),
    inner: at(anchors.innerLabel, 'right'),
    outer: at(anchors.outerLabel, 'left'),
    tire: at(anchors.tire),
    rim: at(anchors.rim),
    stack: at(anchors.stack, 'left'),
    offset: at(anchors.offsetField, 'right'),
    backspacing: at(anchors.backspacingField),
    effective: at(anchors.effective),
  };
}

/** What a slot takes until it has been measured. */
const USUAL: SlotSize = { width: 104, height: 44 };
/** Between two of them, and how far one is moved to find room, in steps. */
const GAP = 4;
const STEP = 8;
const STEPS = 4;

function boxOf({ x, y, anchor }: Slot, { width, height }: SlotSize): Box {
  const left = { middle: x - width / 2, left: x, right: x - width }[anchor];
  return { left, top: y - height / 2, right: left + width, bottom: y + height / 2 };
}

/** The place itself, then places around it, nearest first. */
function* near(slot: Slot): Generator<Slot> {
  yield slot;
  for (let step = 1; step <= STEPS; step += 1)
    for (const [across, down] of [
      [-1, 0],
      [1, 0],
      [0, 1],
      [0, -1],
      [-1, 1],
      [1, 1],
      [-1, -1],
      [1, -1],
    ] as const)
      yield { ...slot, x: slot.x + across * step * STEP, y: slot.y + down * step * STEP };
}

/** The first that will do; those behind it are never made. */
function firstOf<T>(all: Iterable<T>, willDo: (one: T) => boolean): T | undefined {
  for (const one of all) if (willDo(one)) return one;
  return undefined;
}

/**
 * Places for slots such that none lies over another or leaves the paper; null where there is no room for all of them.
 */
export function settleSlots({
  slots,
  sizes,
  paper,
}: {
  slots: Slots;
  sizes: Partial<Record<SlotName, SlotSize>>;
  paper: SlotSize;
}): Slots | null {
  const settled: Slots = {};
  const taken: Box[] = [];
  for (const name of SLOT_NAMES) {
    const slot = slots[name];
    if (!slot) continue;
    const size = sizes[name] ?? USUAL;
    const isFree = (one: Slot): boolean => {
      const box = boxOf(one, size);
      const within = box.left >= 0 && box.top >= 0 && box.right <= paper.width && box.bottom <= paper.height;
      return within && taken.every((other) => !meet(box, other, GAP));
    };
    const found = firstOf(near(slot), isFree);
    if (!found) return null;
    settled[name] = found;
    taken.push(boxOf(found, size));
  }
  return settled;
}
