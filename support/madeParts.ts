import type { ShelfItem } from '#core/shelf';
import { seededChance, type Chance } from '#core/uncertainty';

/** Patterns of the invented cars, and some that are on none of them, each with the bore of its hub. */
const PATTERNS = [
  { lugCount: 4, boltCircleMm: 108, hubMm: 63.4 },
  { lugCount: 4, boltCircleMm: 98, hubMm: 58.1 },
  { lugCount: 6, boltCircleMm: 139.7, hubMm: 106.1 },
  { lugCount: 5, boltCircleMm: 114.3, hubMm: 67.1 },
  { lugCount: 5, boltCircleMm: 112, hubMm: 66.6 },
  { lugCount: 4, boltCircleMm: 100, hubMm: 60.1 },
] as const;

const NAMES = ['Gale', 'Tor', 'Cairn', 'Burn', 'Moor', 'Fell', 'Lathe', 'Sound', 'Holm', 'Strand', 'Voe', 'Garth'];
const TREADS = ['Ridgeway', 'Scree', 'Beck', 'Turnpike', 'Haar', 'Drove'];

/** Usual aspect ratios by rim diameter. */
const RATIOS: Readonly<Record<number, readonly [number, number]>> = {
  13: [60, 80],
  14: [55, 80],
  15: [45, 75],
  16: [45, 75],
  17: [40, 70],
  18: [35, 65],
  19: [30, 55],
  20: [30, 55],
};

const from = <T>(list: readonly T[], chance: Chance): T => list[Math.floor(chance() * list.length)]!;
const between = (least: number, most: number, step: number, chance: Chance): number =>
  Number((least + step * Math.floor((chance() * (most - least)) / step + 1e-9)).toFixed(4));

/** Made-up wheels, the same for the same seed: of usual sizes, most with a bore to spare. */
export function madeWheels(count: number, seed: number, maker = 'Fenwold'): ShelfItem[] {
  const chance = seededChance(seed);
  return Array.from({ length: count }, (): ShelfItem => {
    const { lugCount, boltCircleMm, hubMm } = from(PATTERNS, chance);
    const rimDiameterIn = between(13, 20, 1, chance);
    const rimWidthIn = between(Math.max(5, rimDiameterIn / 2 - 3), rimDiameterIn / 2 + 1.5, 0.5, chance);
    const offsetMm = between(lugCount === 6 ? -20 : 10, lugCount === 6 ? 40 : 58, 1, chance);
    const boreMm = from(lugCount === 6 ? [hubMm, 110] : [hubMm, hubMm, 72.6, 73.1], chance);
    const massKg = between(rimDiameterIn * 0.45, rimDiameterIn * 0.75, 0.1, chance);
    return {
      kind: 'wheel',
      name: `${from(NAMES, chance)} ${rimDiameterIn} x ${rimWidthIn} ${offsetMm < 0 ? '-' : '+'}${Math.abs(offsetMm)}`,
      maker,
      priceEach: between(90, 420, 5, chance),
      quantity: 4 * Math.floor(1 + chance() * 4),
      rimDiameterIn,
      rimWidthIn: Math.round(rimWidthIn * 2) / 2,
      offsetMm,
      lugCount,
      boltCircleMm,
      boreMm,
      boreDepthMm: between(9, 14, 0.5, chance),
      padThicknessMm: between(9, 15, 0.5, chance),
      pocketDepthMm: 0,
      lugHoleMm: lugCount === 6 ? 15 : 13,
      seatDiameterMm: lugCount === 6 ? 24 : 21,
      seat: chance() < 0.85 ? 'cone60' : 'ball-r12',
      ratingKg: between(420, lugCount === 6 ? 1300 : 760, 10, chance),
      massKg,
    };
  });
}

/** Made-up tires, the same for the same seed. */
export function madeTires(count: number, seed: number, maker = 'Ostrik'): ShelfItem[] {
  const chance = seededChance(seed);
  return Array.from({ length: count }, (): ShelfItem => {
    const rim = between(13, 20, 1, chance);
    const width = between(165, 265, 10, chance);
    const [least, most] = RATIOS[rim]!;
    const ratio = between(least, most + 5, 5, chance);
    const size = `${width}/${ratio}R${rim}`;
    return {
      kind: 'tire',
      name: `${from(TREADS, chance)} ${size}`,
      maker,
      priceEach: between(45, 260, 1, chance),
      quantity: 4 * Math.floor(1 + chance() * 4),
      size,
      loadIndex: between(78, 112, 1, chance),
      speed: from(['S', 'T', 'H', 'V', 'W'], chance),
      massKg: between(6, 18, 0.1, chance),
    };
  });
}

/** Made-up spacers for a hub, thinnest first: slip-on up to 20 mm, hub-centric from 10 mm on. */
export const madeSpacers = (
  count: number,
  hub: { lugCount: number; boltCircleMm: number; boreMm: number },
): ShelfItem[] =>
  Array.from({ length: count }, (_, n): ShelfItem => {
    const thicknessMm = 3 + Math.round((17 * n) / Math.max(1, count - 1));
    return {
      kind: 'spacer',
      name: `slip-on ${thicknessMm} mm`,
      maker: 'Tarn & Ledger',
      priceEach: 20 + thicknessMm,
      quantity: 8,
      thicknessMm,
      lugCount: hub.lugCount,
      boltCircleMm: hub.boltCircleMm,
      innerBoreMm: hub.boreMm,
      ...(thicknessMm >= 10 ? { outerLipMm: hub.boreMm, lipMm: 7 } : {}),
    };
  });
