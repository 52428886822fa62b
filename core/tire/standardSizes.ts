import { readTireSize, type TireSize } from './size';

const row = (from: number, to: number, step: number): number[] =>
  Array.from({ length: Math.floor((to - from) / step + 1e-9) + 1 }, (_, at) => from + at * step);

/**
 * Section widths 125 to 355 by 10 mm and aspect ratios 25 to 85 by 5 %: the steps of ISO metric sizes (ISO 4000-1, from
 * memory).
 */
const METRIC = { widthsMm: row(125, 355, 10), aspects: row(25, 85, 5) };
/** Flotation sizes: whole inches over all, sections 8.50 to 15.50 by the inch (TRA Year Book, from memory). */
const FLOTATION = { diametersIn: row(26, 42, 1), widthsIn: row(8.5, 15.5, 1) };

/** Least and most section height of what is made, mm (common practice, no source). */
const HEIGHT_MM = { least: 58, most: 250 };

/** All sizes of the usual steps for a rim of a diameter in inches: metric ones, and flotation ones from 15 in on. */
export function standardSizes(rimDiameterIn: number): TireSize[] {
  const known = made.get(rimDiameterIn);
  if (known) return known;
  const sizes = [...metricNames(rimDiameterIn), ...flotationNames(rimDiameterIn)].map(readTireSize);
  made.set(rimDiameterIn, sizes);
  return sizes;
}
const made = new Map<number, TireSize[]>();

function metricNames(rim: number): string[] {
  if (!Number.isInteger(rim) || rim < 10 || rim > 24) return [];
  return METRIC.widthsMm.flatMap((width) =>
    METRIC.aspects
      .filter((aspect) => {
        const height = (width * aspect) / 100;
        return height >= HEIGHT_MM.least && height <= HEIGHT_MM.most;
      })
      .map((aspect) => `${width}/${aspect}R${rim}`),
  );
}

function flotationNames(rim: number): string[] {
  if (!Number.isInteger(rim) || rim < 15 || rim > 22) return [];
  return FLOTATION.diametersIn
    .filter((diameter) => diameter >= rim + 11)
    .flatMap((diameter) => FLOTATION.widthsIn.map((width) => `${diameter}x${width.toFixed(2)}R${rim}LT`));
}
