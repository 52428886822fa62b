import type { ObstacleKind } from '#core/sweep';

/** Modifications of the body around a wheel, by kind. */
export const BODY_WORK = ['heat', 'move', 'remove', 'trimPlastic', 'trimFlap', 'fold', 'cut'] as const;
export type BodyWork = (typeof BODY_WORK)[number];

/** One way to make room at a part, and what it takes. */
export interface Rung {
  work: BodyWork;
  /** How much room it can make at most, mm. */
  reachMm: number;
  /** Effort a side, minutes. */
  minutes: number;
  /** It weakens what carries the body. */
  structural: boolean;
}

const rung = (work: BodyWork, reachMm: number, takes: Pick<Rung, 'minutes'> & { structural?: true }): Rung => ({
  work,
  reachMm,
  minutes: takes.minutes,
  structural: takes.structural ?? false,
});

/**
 * What can be done at each kind of part, gentlest first, how far it goes and how long it takes (common practice, no
 * source). Frames, tanks and what carries the wheel are not worked on: there only the wheel itself can give way.
 */
export const RUNGS: Record<ObstacleKind, readonly Rung[]> = {
  liner: [
    rung('heat', 8, { minutes: 30 }),
    rung('move', 15, { minutes: 40 }),
    rung('trimPlastic', 40, { minutes: 45 }),
  ],
  'mud-flap': [rung('move', 20, { minutes: 30 }), rung('trimFlap', 80, { minutes: 20 })],
  'bumper-corner': [rung('heat', 6, { minutes: 40 }), rung('trimPlastic', 30, { minutes: 60 })],
  'fender-lip': [rung('fold', 12, { minutes: 60 }), rung('cut', 25, { minutes: 180 })],
  seam: [rung('fold', 10, { minutes: 60 }), rung('cut', 25, { minutes: 240, structural: true })],
  'body-mount': [rung('cut', 50, { minutes: 360, structural: true })],
  'brake-hose': [rung('move', 15, { minutes: 30 })],
  tank: [],
  frame: [],
  strut: [],
  'spring-seat': [],
  'tie-rod-end': [],
  'ball-joint': [],
  arm: [],
};

/** A part that clips or screws hold comes off whole: gentler than cutting it, for it can go on again. */
const OFF = rung('remove', Infinity, { minutes: 15 });
/** What is gentler than taking a part off. */
const GENTLE: ReadonlySet<BodyWork> = new Set(['heat', 'move']);

/** The ladder of a part; of one of which nobody said what it is nothing but taking it off, where that can be. */
export function rungsOf({
  kind,
  removable,
}: {
  kind?: ObstacleKind | undefined;
  removable?: boolean | undefined;
}): readonly Rung[] {
  const rungs = kind ? RUNGS[kind] : [];
  if (!removable) return rungs;
  return [...rungs.filter(({ work }) => GENTLE.has(work)), OFF, ...rungs.filter(({ work }) => !GENTLE.has(work))];
}

/** What must be said where a kind of work is proposed. */
export const WORK_CAUTIONS: Record<BodyWork, string> = {
  heat: 'Warm it, do not scorch it: wires and fuel lines run behind liners.',
  move: 'Nothing may come loose on the road: fasten it again.',
  remove: 'Guards and flaps may be prescribed: check your local code.',
  trimPlastic: 'Look behind it for wires before cutting; round the edge.',
  trimFlap: 'Flaps may be prescribed: check your local code.',
  fold: 'Warm the paint first; seal the fold against rust.',
  cut: 'Structural cuts go to a qualified body shop and may need local approval.',
};

/** What is still to be done once the room is made (common practice, no source). */
export const AFTERCARE: Record<BodyWork, string> = {
  heat: 'hold it until it is cold; look again after the first drive',
  move: 'new clips or rivets where it stands now',
  remove: 'keep the part with its clips and screws, and plug the holes',
  trimPlastic: 'sand the edge, new clips or rivets where it was held',
  trimFlap: 'refit its lowest clip or screw above the cut',
  fold: 'prime, paint and seam-seal the fold, both sides',
  cut: 'weld what was opened, prime, paint and seam-seal, wax inside',
};
