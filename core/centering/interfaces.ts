import type { Measured } from '#core/units';
import { SHOP_LIMITS, worstVerdict, type CenteringRule, type ShopLimits, type Verdict } from '#core/verdict';
import { capRoomOf, capStateOf, type CapRoom, type CapState } from './cap';
import type { BoreForm, CenteredWheelOnStack, CenteringHub, CenteringPiece, DryFitResult, LipForm } from './records';

/** What centers one part on the one below it. */
export type CenteringState =
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
  /** A dry fit has shown a gap at the pad, whatever the figures say. */
  | 'not-flush'
  | 'unknown';

/** Two diameters of a ring, ready to order, mm. */
export interface RingSize {
  outerMm: number;
  innerMm: number;
}

/** One place where a part sits on another. Lengths mm. */
export interface CenteringInterface {
  between: string;
  /** Bore of the part that goes on. */
  boreMm: number | null;
  /** Diameter it sits on. */
  hubMm: number | null;
  /** The ring it needs or has. */
  ring: RingSize | null;
  state: CenteringState;
  verdict: Verdict;
  /** How far the spigot reaches into the part; null when that is not known. */
  reachMm: number | null;
  /** What a dry fit has shown there; null where nobody tried. */
  dryFit: DryFitResult | null;
  /**
   * What to look at though it fits: the bore reads under its spigot, or the lip has a chamfer that a square bore may
   * stand off on.
   */
  look: 'read-both' | 'chamfer' | 'bore-edge' | null;
}

export interface Centering {
  verdict: Verdict;
  interfaces: CenteringInterface[];
  /** Rings of the stack that fit at no interface. */
  looseRings: RingSize[];
  /** Rings of the stack of which a diameter is missing. */
  unmeasuredRings: number;
  /** A ring or lip reaches as far as the center cap, or may; with the figures. */
  cap: CapState | null;
  capRoom: CapRoom;
  /** The lip's ⌀ of a piece is taken as the hub's because nobody measured it. */
  lipAssumed: boolean;
}

/** Two readings of one diameter differ by less than can be seen, mm. */
const SAME_MM = 0.005;
/**
 * How far two names of one usual size, and the readings of it, lie apart beyond the play that is allowed: 57.06 goes by
 * 57.1, 66.56 by 66.6, 72.56 by 72.6 (common practice, no source). Mm.
 */
const ROUNDED_MM = 0.05;
const NOMINAL_MM = 0.15;
/** What is left of two decimals taken from each other. */
const EXACT_MM = 1e-9;
/** Within this two diameters are one nominal size, mm. */
export const sizeMm = (limits: ShopLimits): number => Math.max(NOMINAL_MM, limits.boreMm + ROUNDED_MM);

interface Spigot {
  diameterMm: Measured;
  reachMm: Measured;
  /** Its reach is needed and not known: a lip of unknown height, or what a piece of unknown thickness leaves of it. */
  open: boolean;
  /** What carries it. */
  on: string;
  form: LipForm | null;
}

/**
 * What centers the wheel, interface by interface from the hub outward. A bore within 0.15 mm of its spigot is of the
 * same nominal size and hub-centric (a reading is good for 0.1 mm, and usual sizes go by rounded names); a larger one
 * needs a ring (OD = bore, ID = spigot); a smaller one does not go on. A slip-on passes on what its thickness leaves of
 * the hub's lip, unless it has a lip of its own. Where a dry fit has shown a gap, nothing else counts. Lengths mm.
 */
export function centeringOf({
  hub,
  candidate,
  rule,
  limits = SHOP_LIMITS,
}: {
  hub: CenteringHub;
  candidate: CenteredWheelOnStack;
  rule: CenteringRule;
  limits?: ShopLimits | undefined;
}): Centering {
  const stack = candidate.stack ?? [];
  const rings = stack.filter(({ kind }) => kind === 'ring');
  const used: CenteringPiece[] = [];
  const interfaces: CenteringInterface[] = [];
  let lipAssumed = false;
  let spigot: Spigot = {
    diameterMm: hub.boreMm,
    reachMm: hub.lipHeightMm,
    open: false,
    on: 'hub',
    form: hub.lipForm ?? null,
  };
  const pieces = stack.filter(({ kind }) => kind !== 'ring').length;
  const join = (name: string, part: Bored): CenteringPiece | null => {
    const dryFit = dryFitAt(candidate, interfaces.length, pieces);
    const ring = ringAt({ rings, boreMm: part.boreMm, spigotMm: spigot.diameterMm, limits });
    if (ring) used.push(ring);
    interfaces.push(judge(`${spigot.on} to ${name}`, part, { spigot, ring, rule, limits, dryFit }));
    return ring;
  };
  for (const piece of stack) {
    if (piece.kind === 'ring') continue;
    const name = piece.kind === 'slip-on' ? 'spacer' : 'adapter';
    join(name, { boreMm: piece.innerBoreMm, boreDepthMm: piece.boreDepthMm, boreForm: piece.boreForm });
    const own = (piece.outerLipMm ?? 0) > 0 || (piece.lipMm ?? 0) > 0;
    if (own) {
      if (!piece.outerLipMm) lipAssumed = true;
      spigot = {
        diameterMm: piece.outerLipMm || spigot.diameterMm,
        reachMm: piece.lipMm || null,
        open: false,
        on: name,
        form: piece.lipForm ?? null,
      };
    } else {
      const { reachMm } = spigot;
      const through = reachMm == null || piece.thicknessMm == null ? null : reachMm - piece.thicknessMm;
      spigot = { ...spigot, on: name, reachMm: through, open: through === null };
    }
  }
  const wheel = candidate.wheel ?? {};
  const ring = join('wheel', wheel);
  const capRoom = capRoomOf({ depthMm: wheel.capDepthMm, lipMm: spigot.reachMm, ring });
  const looseRings = rings.flatMap((ring): RingSize[] =>
    used.includes(ring) || ring.outerMm == null || ring.innerMm == null
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
    cap: capStateOf(capRoom, ring !== null),
    capRoom,
    lipAssumed,
  };
}

/** What a dry fit has shown at an interface, counted from the hub; `dryFitFlush` says the same of all of them. */
function dryFitAt({ dryFit, dryFitFlush }: CenteredWheelOnStack, index: number, pieces: number): DryFitResult | null {
  const key =
    pieces === 0 ? 'hubToWheel' : index === 0 ? 'hubToSpacer' : index < pieces ? 'spacerToSpacer' : 'spacerToWheel';
  return dryFit?.[key] ?? (dryFitFlush === undefined ? null : dryFitFlush ? 'flush' : 'gap');
}

interface Bored {
  boreMm?: Measured;
  boreDepthMm?: Measured;
  boreForm?: BoreForm | undefined;
}

const NOTHING_BESIDE = {};

interface Judged {
  spigot: Spigot;
  ring: CenteringPiece | null;
  rule: CenteringRule;
  limits: ShopLimits;
  dryFit: DryFitResult | null;
}

function judge(between: string, part: Bored, { spigot, ring, rule, limits, dryFit }: Judged): CenteringInterface {
  const [reachMm, boreMm, hubMm] = [spigot.reachMm ?? null, part.boreMm ?? null, spigot.diameterMm ?? null];
  const judged = (
    state: CenteringState,
    verdict: Verdict,
    { size = null, look = null }: { size?: RingSize | null; look?: CenteringInterface['look'] } = NOTHING_BESIDE,
  ): CenteringInterface => ({ between, boreMm, hubMm, reachMm, dryFit, ring: size, state, verdict, look });
  if (dryFit === 'gap') return judged('not-flush', 'fail');
  if (boreMm === null || hubMm === null) return judged('unknown', 'unknown');
  const play = boreMm - hubMm;
  if (reachMm !== null && reachMm <= 0) return judged('no-lip', rule === 'nuts' ? 'caution' : 'fail');
  if (play < -sizeMm(limits) - EXACT_MM) return judged('too-small', 'fail');
  const size = { outerMm: boreMm, innerMm: hubMm };
  const tight = play <= sizeMm(limits) + EXACT_MM;
  const tooLong = part.boreDepthMm != null && reachMm !== null && reachMm > part.boreDepthMm;
  // A ring carries the part away from the cone; the bore's edge meets it only where lip and bore are of one size.
  const edge = tight && dryFit !== 'flush' ? edgeOf(spigot.form, part.boreForm) : null;
  if ((tooLong && dryFit !== 'flush') || edge === 'stands-off')
    return judged('gap', 'fail', { size: tight ? null : size });
  if (edge === 'bore-edge') return judged('unknown', 'unknown', { look: edge });
  if (spigot.open) return judged('unknown', 'unknown', { size: tight ? null : size });
  const short = reachMm !== null && reachMm < limits.lipLeftMm;
  const look = play < -SAME_MM ? 'read-both' : edge;
  if (tight) return judged('hub-centric', short || look ? 'caution' : 'ok', { look });
  if (ring)
    return judged('ring', short ? 'caution' : 'ok', { size: { outerMm: ring.outerMm!, innerMm: ring.innerMm! } });
  return judged('ring-needed', 'caution', { size });
}

/**
 * Whether the edge of a bore meets its lip before the pad seats: a conical lip stands a square bore off; a chamfered
 * one may, where its chamfer is at the foot; of a bore whose edge nobody looked at it is not known.
 */
function edgeOf(lip: LipForm | null, bore: BoreForm | undefined): 'stands-off' | 'bore-edge' | 'chamfer' | null {
  if (lip === null || lip === 'straight' || bore === 'chamfered') return null;
  if (lip === 'chamfered') return 'chamfer';
  return bore === 'square' ? 'stands-off' : 'bore-edge';
}

/** The ring that sits on this spigot and in this bore, each of its nominal size. */
function ringAt({
  rings,
  boreMm,
  spigotMm,
  limits,
}: {
  rings: readonly CenteringPiece[];
  boreMm: Measured;
  spigotMm: Measured;
  limits: ShopLimits;
}): CenteringPiece | null {
  if (boreMm == null || spigotMm == null || boreMm - spigotMm <= sizeMm(limits) + EXACT_MM) return null;
  const fits = (play: number): boolean => Math.abs(play) <= sizeMm(limits) + EXACT_MM;
  return (
    rings.find(
      ({ outerMm, innerMm }) =>
        outerMm != null && innerMm != null && fits(boreMm - outerMm) && fits(innerMm - spigotMm),
    ) ?? null
  );
}
