import { weightLine, type BrakeRoom, type AxialPoint, type InnerFace } from '#core/brake';
import type { SectionRange } from '#core/evaluate';
import { metalOf, SPOKE_MM } from '#core/section';

/** A brake in a wheel ready to draw; places from the hub face, mm. */
export interface BrakeScene {
  outline: readonly AxialPoint[] | null;
  barrel: readonly AxialPoint[] | null;
  spoke: readonly AxialPoint[] | null;
  weights: AxialPoint[][];
  /** The wheel's metal as a closed line: a band over the barrel, a slab behind the spokes. */
  metal: AxialPoint[] | null;
  stackMm: number;
  /** Back flange of the wheel, where it is known. */
  flangeA: number | null;
  range: SectionRange;
}

export function brakeScene({
  outline,
  face,
  stackMm,
  backspacingMm,
}: {
  outline: readonly AxialPoint[] | undefined;
  face: InnerFace | undefined;
  stackMm: number;
  backspacingMm: number | null;
}): BrakeScene {
  const moved = (points: readonly AxialPoint[]) => points.map(({ a, r }) => ({ a: a + stackMm, r }));
  const barrel = face?.barrel ? moved(face.barrel) : null;
  const spoke = face?.spoke ? moved(face.spoke) : null;
  const weights = face?.barrel ? (face.weights ?? []).map((zone) => moved(weightLine(face.barrel!, zone))) : [];
  const flangeA = backspacingMm === null ? null : stackMm - backspacingMm;
  const all = [...(outline ?? []), ...(barrel ?? []), ...(spoke ?? [])];
  const radii = all.map(({ r }) => r);
  const places = [...all.map(({ a }) => a), ...(flangeA === null ? [] : [flangeA]), -60, 60];
  return {
    outline: outline ?? null,
    barrel,
    spoke,
    weights,
    metal: metalOf(barrel, spoke),
    stackMm,
    flangeA,
    range: {
      left: down(Math.min(...places) - 12),
      right: up(Math.max(...places) + SPOKE_MM + 12),
      bottom: 0,
      top: up(Math.max(150, ...radii) + 16),
    },
  };
}

const down = (mm: number) => Math.floor(mm / 20) * 20;
const up = (mm: number) => Math.ceil(mm / 20) * 20;

/** What a drawing writes beside the places that are nearest. */
export const nearPlaces = (room: BrakeRoom) =>
  (['spoke', 'barrel', 'weight'] as const).flatMap((part) => (room[part] ? [{ part, ...room[part] }] : []));
