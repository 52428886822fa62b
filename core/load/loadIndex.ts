import { DomainError } from '#core/errors';

/**
 * Loads in kg of the indices 0 to 204, ten a row (ISO 4000-1, from memory): 0 = 45, 60 = 250, 100 = 800, 130 = 1900.
 */

const LOADS_KG = [
  45,
  46.2,
  47.5,
  48.7,
  50,
  51.5,
  53,
  54.5,
  56,
  58, // 0
  60,
  61.5,
  63,
  65,
  67,
  69,
  71,
  73,
  75,
  77.5, // 10
  80,
  82.5,
  85,
  87.5,
  90,
  92.5,
  95,
  97.5,
  100,
  103, // 20
  106,
  109,
  112,
  115,
  118,
  121,
  125,
  128,
  132,
  136, // 30
  140,
  145,
  150,
  155,
  160,
  165,
  170,
  175,
  180,
  185, // 40
  190,
  195,
  200,
  206,
  212,
  218,
  224,
  230,
  236,
  243, // 50
  250,
  257,
  265,
  272,
  280,
  290,
  300,
  307,
  315,
  325, // 60
  335,
  345,
  355,
  365,
  375,
  387,
  400,
  412,
  425,
  437, // 70
  450,
  462,
  475,
  487,
  500,
  515,
  530,
  545,
  560,
  580, // 80
  600,
  615,
  630,
  650,
  670,
  690,
  710,
  730,
  750,
  775, // 90
  800,
  825,
  850,
  875,
  900,
  925,
  950,
  975,
  1000,
  1030, // 100
  1060,
  1090,
  1120,
  1150,
  1180,
  1215,
  1250,
  1285,
  1320,
  1360, // 110
  1400,
  1450,
  1500,
  1550,
  1600,
  1650,
  1700,
  1750,
  1800,
  1850, // 120
  1900,
  1950,
  2000,
  2060,
  2120,
  2180,
  2240,
  2300,
  2360,
  2430, // 130
  2500,
  2575,
  2650,
  2725,
  2800,
  2900,
  3000,
  3075,
  3150,
  3250, // 140
  3350,
  3450,
  3550,
  3650,
  3750,
  3875,
  4000,
  4125,
  4250,
  4375, // 150
  4500,
  4625,
  4750,
  4875,
  5000,
  5150,
  5300,
  5450,
  5600,
  5800, // 160
  6000,
  6150,
  6300,
  6500,
  6700,
  6900,
  7100,
  7300,
  7500,
  7750, // 170
  8000,
  8250,
  8500,
  8750,
  9000,
  9250,
  9500,
  9750,
  10000,
  10300, // 180
  10600,
  10900,
  11200,
  11500,
  11800,
  12150,
  12500,
  12850,
  13200,
  13600, // 190
  14000,
  14500,
  15000,
  15500,
  16000, // 200
] as const;

/** The highest load index that is read. */
export const MOST_LOAD_INDEX = LOADS_KG.length - 1;

/**
 * What one tire of a load index carries, kg. The table follows the preferred numbers R80 of ISO 3: 80 indices up is ten
 * times the load.
 * @throws DomainError on an index outside the table
 */
export function loadOfIndexKg(loadIndex: number): number {
  const kg = Number.isInteger(loadIndex) ? LOADS_KG[loadIndex] : undefined;
  if (kg === undefined) throw new DomainError(`load index ${loadIndex} is outside 0 to ${MOST_LOAD_INDEX}`);
  return kg;
}

/** The least index that carries a load in kg; null where none of the table does. */
export function indexForLoad(kg: number): number | null {
  const index = LOADS_KG.findIndex((load) => load >= kg);
  return index < 0 ? null : index;
}
