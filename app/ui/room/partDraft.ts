import type { Point3 } from '#core/kinematics';
import type { PlanItem } from '#core/advice';
import { INSTRUMENT_UNCERTAINTY_MM } from '#core/uncertainty';
import type { ObstacleKind, Obstacle, ObstacleGap, Side } from '#core/sweep';

/** A part while it is being read: what makes it a part may still be missing. */
export interface PartDraft extends Omit<Obstacle, 'id' | 'gap' | 'points'> {
  /** Of a part that is in the job. */
  id: string | null;
  gap?: Partial<ObstacleGap> | undefined;
  points?: Partial<Point3>[] | undefined;
  /** What was typed for the other way of placing it, while this way is shown. */
  other?: Pick<PartDraft, 'gap' | 'points'> | undefined;
}

/** The words for each kind. */
export const KIND_NAMES: Record<ObstacleKind, string> = {
  'fender-lip': 'Fender lip',
  liner: 'Liner',
  seam: 'Seam',
  'bumper-corner': 'Bumper corner',
  'body-mount': 'Body mount',
  'mud-flap': 'Mud flap',
  tank: 'Tank',
  frame: 'Frame',
  strut: 'Strut',
  'spring-seat': 'Spring seat',
  'tie-rod-end': 'Tie-rod end',
  'ball-joint': 'Ball joint',
  arm: 'Arm',
  'brake-hose': 'Brake hose',
};

/** A part to read, begun from the plan. */
export const draftFromPlan = ({ kind, surface, clockDeg, steerDeg }: PlanItem): PartDraft => ({
  id: null,
  kind,
  label: KIND_NAMES[kind],
  gap: { surface, clockDeg, ...(steerDeg === 0 ? {} : { steerDeg }) },
});

/** Where a reading begins that nobody has placed yet. */
const FIRST_PLACE = { surface: 'outer-shoulder', clockDeg: 0 } as const;

/** A part of a kind that the plan does not name. */
export const draftOfKind = (kind: ObstacleKind): PartDraft => ({
  id: null,
  kind,
  label: KIND_NAMES[kind],
  gap: { ...FIRST_PLACE },
});

export const draftOf = (obstacle: Obstacle): PartDraft => ({ ...obstacle });

/** The same part by coordinates, or by a gap again; what was typed the other way is kept beside it. */
export const asPoints = ({ gap, other, ...part }: PartDraft): PartDraft => ({
  ...part,
  points: other?.points ?? [{}],
  other: { gap },
});
export const asGap = ({ points, other, ...part }: PartDraft): PartDraft => ({
  ...part,
  gap: other?.gap ?? { ...FIRST_PLACE },
  other: { points },
});

const wholePoint = (point: Partial<Point3>): point is Point3 =>
  point.out !== undefined && point.fwd !== undefined && point.up !== undefined;

/** The part a draft means once its gap, or every coordinate, is there; null until then. */
export function partFrom(draft: PartDraft, id: string): Obstacle | null {
  const { gap, points, id: _, other: _other, ...rest } = draft;
  if (points) return points.length > 0 && points.every(wholePoint) ? { ...rest, id, points } : null;
  if (gap?.surface === undefined || gap.clockDeg === undefined || gap.gapMm === undefined) return null;
  return { ...rest, id, gap: gap as ObstacleGap };
}

/** A gap that is read on this car: what was said of another car's goes. */
export function readHere(gap: Partial<ObstacleGap>): Partial<ObstacleGap> {
  if (gap.fromJob === undefined) return gap;
  const { fromJob: _, shopInstrument: _s, uncertaintyMm: _u, ...here } = gap;
  return here.instrument ? { ...here, uncertaintyMm: INSTRUMENT_UNCERTAINTY_MM[here.instrument] } : here;
}

/** The first free id of a kind: `strut`, `strut-2` …. */
export function freePartId(kind: string, own: readonly Obstacle[]): string {
  const taken = new Set(own.map(({ id }) => id));
  for (let n = 1; ; n++) {
    const id = n === 1 ? kind : `${kind}-${n}`;
    if (!taken.has(id)) return id;
  }
}

/** A part of one side for the other: the same reading, to be read again there. */
export function copiedToSide(part: Obstacle, side: Side, own: readonly Obstacle[]): Obstacle {
  return { ...structuredClone(part), id: freePartId(part.kind ?? part.id.replace(/-\d+$/, ''), own), side };
}
