import type { Hub, Measured, SetupAxle, StackPart, Wheel } from '#core/job';
import type { Verdict } from '#core/verdict';
import { HOUSE_LIMITS, worstVerdict, type HouseLimits } from '#core/verdict';

/** Whether the hub must centre the wheel (the house's default), or its nuts may. */
export type CentringRule = 'required' | 'nuts';

/** What centres one part on the one below it. */
export type CentringState =
  /** Bore and spigot fit each other. */
  | 'hub-centric'
  /** A ring of the stack fills the difference. */
  | 'ring'
  /** A ring would fill it: order one. */
  | 'ring-needed'
  /** The bore is smaller than the spigot: it does not go on. */
  | 'too-small'
  /** Nothing of the lip is left to sit on. */
  | 'no-lip'
  /** The lip reaches further than the bore is straight, or is conical in a square bore: a gap stays at the pad. */
  | 'gap'
  | 'unknown';

/** Two diameters of a ring, ready to order, mm. */
export interface RingSize {
  outerMm: number;
  innerMm: number;
}

/** One place where a part sits on another. Lengths mm. */
export interface CentringInterface {
  between: string;
  /** Bore of the part that goes on. */
  boreMm: number | null;
  /** Diameter it sits on. */
  hubMm: number | null;
  /** The ring it needs or has. */
  ring: RingSize | null;
  state: CentringState;
  verdict: Verdict;
  /** How far the spigot reaches into the part; null when that is not known. */
  reachMm: number | null;
}

export interface Centring {
  verdict: Verdict;
  interfaces: CentringInterface[];
  /** Rings of the stack that fit at no interface. */
  looseRings: RingSize[];
  /** Rings of the stack of which a diameter is missing. */
  unmeasuredRings: number;
  /** A ring or lip reaches as far as the centre cap, or may. */
  cap: 'clear' | 'fouled' | 'look' | null;
  /** The lip's ⌀ of a piece is taken as the hub's because nobody measured it. */
  lipAssumed: boolean;
}

/** Two diameters that are meant to be one differ by less, mm. */
const SAME_MM = 0.005;

interface Spigot {
  diameterMm: Measured;
  reachMm: Measured;
  /** Its reach is needed and not known: a lip of unknown height, or what a piece of unknown thickness leaves of it. */
  open: boolean;
  /** What carries it. */
  on: string;
  conical: boolean;
}

/**
 * What centres the wheel, interface by interface from the hub outward. A bore up to 0.10 mm larger than its spigot is hub-centric
 * (house limit); a larger one needs a ring (OD = bore, ID = spigot); a smaller one does not go on. A slip-on passes on what its
 * thickness leaves of the hub's lip, unless it has a lip of its own. Lengths mm.
 */
export function centringOf(
  hub: Hub,
  candidate: SetupAxle,
  rule: CentringRule,
  limits: HouseLimits = HOUSE_LIMITS,
): Centring {
  const stack = candidate.stack ?? [];
  const rings = stack.filter(({ kind }) => kind === 'ring');
  const used = new Set<StackPart>();
  const interfaces: CentringInterface[] = [];
  let lipAssumed = false;
  let spigot: Spigot = {
    diameterMm: hub.boreMm,
    reachMm: hub.lipHeightMm,
    open: false,
    on: 'hub',
    conical: hub.lipForm === 'conical',
  };
  const join = (name: string, part: Bored) => {
    const ring = ringAt(rings, part.boreMm, spigot.diameterMm, limits);
    if (ring) used.add(ring);
    interfaces.push(judge(`${spigot.on} to ${name}`, part, spigot, ring, { rule, limits, shownFlush: candidate.dryFitFlush ?? false })); // prettier-ignore
  };
  for (const piece of stack) {
    if (piece.kind === 'ring') continue;
    const name = piece.kind === 'slip-on' ? 'spacer' : 'adapter';
    join(name, { boreMm: piece.innerBoreMm, boreDepthMm: piece.boreDepthMm, boreForm: piece.boreForm });
    const own = (piece.outerLipMm ?? 0) > 0 || (piece.lipMm ?? 0) > 0;
    if (own) {
      if (!piece.outerLipMm) lipAssumed = true;
      spigot = { diameterMm: piece.outerLipMm || spigot.diameterMm, reachMm: piece.lipMm || null, open: false, on: name, conical: false }; // prettier-ignore
    } else {
      const { reachMm } = spigot;
      const through = reachMm == null || piece.thicknessMm == null ? null : reachMm - piece.thicknessMm;
      spigot = { ...spigot, on: name, reachMm: through, open: through === null };
    }
  }
  const wheel = candidate.wheel ?? {};
  join('wheel', wheel);
  const looseRings = rings.flatMap((ring): RingSize[] =>
    used.has(ring) || ring.outerMm == null || ring.innerMm == null
      ? []
      : [{ outerMm: ring.outerMm, innerMm: ring.innerMm }],
  );
  const unmeasuredRings = rings.filter(({ outerMm, innerMm }) => outerMm == null || innerMm == null).length;
  const verdicts = interfaces.map(({ verdict }) => verdict);
  if (looseRings.length > 0) verdicts.push('caution');
  if (unmeasuredRings > 0) verdicts.push('unknown');
  return {
    verdict: worstVerdict(verdicts),
    interfaces,
    looseRings,
    unmeasuredRings,
    cap: capState(wheel, interfaces.at(-1)!, rings),
    lipAssumed,
  };
}

interface Bored {
  boreMm?: Measured;
  boreDepthMm?: Measured;
  boreForm?: Wheel['boreForm'];
}

function judge(
  between: string,
  part: Bored,
  spigot: Spigot,
  ring: StackPart | null,
  { rule, limits, shownFlush }: { rule: CentringRule; limits: HouseLimits; shownFlush: boolean },
): CentringInterface {
  const reachMm = spigot.reachMm ?? null;
  const one = { between, boreMm: part.boreMm ?? null, hubMm: spigot.diameterMm ?? null, reachMm };
  const judged = (state: CentringState, verdict: Verdict, size: RingSize | null = null): CentringInterface => ({
    ...one,
    ring: size,
    state,
    verdict,
  });
  if (one.boreMm === null || one.hubMm === null) return judged('unknown', 'unknown');
  const play = one.boreMm - one.hubMm;
  if (reachMm !== null && reachMm <= 0) return judged('no-lip', rule === 'nuts' ? 'caution' : 'fail');
  if (play < -SAME_MM) return judged('too-small', 'fail');
  const size = { outerMm: one.boreMm, innerMm: one.hubMm };
  const tight = play <= limits.boreMm + 1e-9;
  const tooLong = part.boreDepthMm != null && reachMm !== null && reachMm > part.boreDepthMm;
  // A ring carries the part away from the cone; the bore's edge meets it only where lip and bore are of one size.
  const conical = tight && spigot.conical && part.boreForm === 'square';
  if ((tooLong || conical) && !shownFlush) return judged('gap', 'fail', tight ? null : size);
  if (spigot.open) return judged('unknown', 'unknown', tight ? null : size);
  const short = reachMm !== null && reachMm < limits.lipLeftMm;
  if (tight) return judged('hub-centric', short ? 'caution' : 'ok');
  if (ring) return judged('ring', short ? 'caution' : 'ok', { outerMm: ring.outerMm!, innerMm: ring.innerMm! });
  return judged('ring-needed', 'caution', size);
}

/** The ring that sits on this spigot and in this bore, each within the house's limit. */
function ringAt(
  rings: readonly StackPart[],
  boreMm: Measured,
  spigotMm: Measured,
  limits: HouseLimits,
): StackPart | null {
  if (boreMm == null || spigotMm == null || boreMm - spigotMm <= limits.boreMm) return null;
  const fits = (play: number): boolean => play >= -SAME_MM && play <= limits.boreMm + 1e-9;
  return (
    rings.find(
      ({ outerMm, innerMm }) =>
        outerMm != null && innerMm != null && fits(boreMm - outerMm) && fits(innerMm - spigotMm),
    ) ?? null
  );
}

/** A cap sits in the bore's outer end: a lip or a ring that reaches as far pushes it out. */
function capState(wheel: Wheel, last: CentringInterface, rings: readonly StackPart[]): Centring['cap'] {
  const ring = last.state === 'ring';
  const widest = ring ? Math.max(...rings.map(({ thicknessMm }) => thicknessMm ?? 0)) : 0;
  const reach = Math.max(widest, last.reachMm ?? 0);
  if (wheel.capDepthMm != null) return reach > wheel.capDepthMm ? 'fouled' : 'clear';
  return ring ? 'look' : null;
}
