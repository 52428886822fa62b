import { mkdirSync, writeFileSync } from 'node:fs';
import Papa from 'papaparse';
import type { ShelfItem } from '#core/shelf';
import { madeTires, madeWheels } from '../support/madeParts';

// Makes the demo's price lists: two invented suppliers, each with heads of its own, the same at every run.
const comma = (value: number | null | undefined): string => String(value ?? '').replace('.', ',');
const signed = (mm: number): string => (mm < 0 ? String(mm) : `+${mm}`);
const own = ({ name }: ShelfItem): string => name.split(' ')[0]!;

const quernWheels = (wheels: readonly ShelfItem[]) =>
  wheels.map((one) => ({
    Marke: one.maker,
    Design: own(one),
    Größe: `${comma(one.rimWidthIn)}Jx${one.rimDiameterIn}`,
    ET: signed(one.offsetMm!),
    'LZ/LK': `${one.lugCount}/${comma(one.boltCircleMm)}`,
    Mittenloch: comma(one.boreMm),
    'Traglast kg': one.ratingKg,
    Gewicht: comma(one.massKg),
    Bestand: one.quantity,
    'EK netto EUR': `${one.priceEach},00`,
  }));
const ruddleWheels = (wheels: readonly ShelfItem[]) =>
  wheels.map((one) => ({
    Brand: one.maker,
    Model: own(one),
    'Wheel size': `${one.rimDiameterIn}x${one.rimWidthIn}`,
    Offset: `${one.offsetMm}`,
    PCD: `${one.lugCount}x${one.boltCircleMm}`,
    CB: one.boreMm,
    'Load rating': one.ratingKg,
    'Weight (kg)': one.massKg,
    Price: `€ ${one.priceEach!.toFixed(2)}`,
    Stock: one.quantity! >= 16 ? '16+' : one.quantity,
  }));
const quernTires = (tires: readonly ShelfItem[]) =>
  tires.map((one) => ({
    Marke: one.maker,
    Profil: own(one),
    Reifen: one.size,
    LI: one.loadIndex,
    SI: one.speed,
    Gewicht: comma(one.massKg),
    'EK netto EUR': `${one.priceEach},00`,
  }));
const ruddleTires = (tires: readonly ShelfItem[]) =>
  tires.map((one) => ({
    Brand: one.maker,
    Tread: own(one),
    'Tire size': `${one.size} ${one.loadIndex}${one.speed}`,
    Weight: one.massKg,
    Price: `€ ${one.priceEach!.toFixed(2)}`,
    Stock: one.quantity,
  }));

const write = (name: string, rows: object[], delimiter: string) =>
  writeFileSync(`demo/lists/${name}.csv`, `${Papa.unparse(rows, { delimiter, newline: '\n' })}\n`);

mkdirSync('demo/lists', { recursive: true });
write('quern-wheels', quernWheels(madeWheels(220, 21, 'Fenwold')), ';');
write('quern-tires', quernTires(madeTires(130, 22, 'Ostrik')), ';');
write('ruddle-wheels', ruddleWheels(madeWheels(180, 23, 'Tarn & Ledger')), ',');
write('ruddle-tires', ruddleTires(madeTires(120, 24, 'Fenwold')), ',');
