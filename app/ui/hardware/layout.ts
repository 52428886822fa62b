import type { Hub } from '#core/hub';
import { threadOrNull, type Seat } from '#core/fastener';
import type { SetupAxle } from '#core/job';
import type { CheckCode, SectionRange } from '#core/evaluate';

/** A solid cut by the plane through hub axis and one fastener: from and to along the axis, low and high from it, mm. */
interface Solid {
  as:
    | 'hub'
    | 'lip'
    | 'slip-on'
    | 'bolt-on'
    | 'ring'
    | 'pad'
    | 'stud'
    | 'own-stud'
    | 'thread'
    | 'hole'
    | 'nut'
    | 'own-nut';
  from: number;
  to: number;
  low: number;
  high: number;
}

/** A seat: narrow at `out`, wide `depth` further out, straight or round. */
interface SeatCone {
  as: 'nut' | 'own-nut';
  out: number;
  up: number;
  half: number;
  depth: number;
  round: boolean;
}

export interface Layout {
  range: SectionRange;
  solids: Solid[];
  seats: SeatCone[];
  stackMm: number;
  /** The threads that hold, along the fastener. */
  engaged: { from: number; to: number; up: number } | null;
  /** The car's own stud behind the wheel. */
  proud: { to: number; up: number } | null;
  marks: {
    name: string;
    mm: number | null;
    out: number;
    up: number;
    code?: CheckCode;
    bore?: boolean;
    below?: boolean;
    /** How many lines higher, where figures would stand on one another. */
    row?: number;
    anchor?: 'start' | 'end';
  }[];
  /** What stands on the drawing without having been measured. */
  guessed: string[];
}

/** Usual sizes for what nobody measured, so that a drawing can be made; each is named as such on it. */
const USUAL = { circle: 110, bore: 64, lip: 8, thread: 12, stud: 40, bolt: 26, pad: 11, piece: 10, seat: 10 };
const FLANGE_MM = 13;
const AROUND_MM = 20;

/** Where everything between hub and wheel stands. Lengths mm, out from the hub face, up from the hub's axis. */
export function stackLayout(hub: Hub, candidate: SetupAxle, circleMm: number | null): Layout {
  const guessed: string[] = [];
  const usual = (value: number | null | undefined, name: string, usualMm: number): number => {
    if (value != null) return value;
    guessed.push(name);
    return usualMm;
  };
  const fastener = hub.fastener ?? {};
  const wheel = candidate.wheel ?? {};
  const bolt = fastener.kind === 'bolt';
  const up = usual(circleMm, 'bolt circle', USUAL.circle) / 2;
  const thread = usual(threadOrNull(fastener.thread)?.diameterMm, 'thread', USUAL.thread);
  const bore = usual(hub.boreMm, 'center bore', USUAL.bore) / 2;
  const lip = usual(hub.lipHeightMm, 'hub lip', USUAL.lip);
  const length = usual(
    candidate.fastener?.lengthMm ?? fastener.lengthMm,
    bolt ? 'bolt length' : 'stud length',
    bolt ? USUAL.bolt : USUAL.stud,
  );
  const pad = usual(wheel.padThicknessMm, 'wheel pad', USUAL.pad);
  const wheelUp = (wheel.boltCircleMm ?? circleMm ?? USUAL.circle) / 2;
  const wheelBore = usual(wheel.boreMm, 'wheel bore', bore * 2) / 2;
  const half = thread / 2;
  const solids: Solid[] = [];
  const seats: SeatCone[] = [];
  const marks: Layout['marks'] = [];
  const top = Math.max(up, wheelUp) + AROUND_MM;
  const flange = Math.max(FLANGE_MM, bolt ? (fastener.threadDepthMm ?? FLANGE_MM) : FLANGE_MM);
  solids.push({ as: 'hub', from: -flange, to: 0, low: bore - 14, high: top });
  if (bolt)
    solids.push({ as: 'hole', from: -(fastener.threadDepthMm ?? flange), to: 0, low: up - half, high: up + half });
  solids.push({ as: 'lip', from: 0, to: lip, low: bore - 6, high: bore });
  marks.push({ name: 'hub ⌀', mm: hub.boreMm ?? null, out: 0, up: bore - 14, bore: true, below: true, anchor: 'end' });
  marks.push({ name: 'lip', mm: hub.lipHeightMm ?? null, out: 1, up: bore - 6, below: true, anchor: 'start' });

  let out = 0;
  let clamp: number | null = null;
  let carrier: { from: number; up: number; length: number | null; half: number; seat: Seat | undefined } | null = null;
  for (const [index, piece] of (candidate.stack ?? []).entries()) {
    if (piece.kind === 'ring') continue;
    const thick = usual(piece.thicknessMm, `stack part ${index + 1}: thickness`, USUAL.piece);
    const inner = (piece.innerBoreMm ?? bore * 2) / 2;
    solids.push({ as: piece.kind, from: out, to: out + thick, low: inner, high: top - 4 });
    if (piece.outerLipMm && piece.outerLipMm > 0) {
      const own = piece.outerLipMm / 2;
      // A lip smaller than the bore stands on a web beyond the hub's own lip.
      if (own - 4 < inner)
        solids.push({
          as: piece.kind,
          from: Math.min(out + thick - 2, Math.max(out, lip + 1)),
          to: out + thick,
          low: own - 4,
          high: inner,
        });
      solids.push({ as: piece.kind, from: out + thick, to: out + thick + (piece.lipMm ?? 6), low: own - 4, high: own });
    }
    marks.push({
      name: `${thick === piece.thicknessMm ? '' : '~'}t`,
      mm: thick,
      out: out + 0.6,
      up: top,
      row: 1 + (index % 2),
      anchor: 'start',
    });
    const hole = half + 0.75;
    if (piece.kind === 'slip-on')
      solids.push({ as: 'hole', from: out, to: out + thick, low: up - hole, high: up + hole });
    else {
      const seat = usual(
        piece.seatThicknessMm,
        `stack part ${index + 1}: thickness under the lug seat`,
        Math.min(USUAL.seat, thick),
      );
      solids.push({ as: 'hole', from: out, to: out + seat, low: up - hole, high: up + hole });
      solids.push({ as: 'hole', from: out + seat, to: out + thick, low: up - half - 5, high: up + half + 5 });
      if (clamp === null) clamp = out + seat;
      const ownThread = threadOrNull(piece.thread)?.diameterMm ?? thread;
      const ownUp = piece.toBoltCircleMm == null ? up : piece.toBoltCircleMm / 2;
      carrier = {
        from: out + thick,
        up: ownUp,
        length: piece.studLengthMm ?? null,
        half: ownThread / 2,
        seat: piece.seat ?? fastener.seat,
      };
    }
    out += thick;
  }
  const face = out;
  const padTop = wheelUp + AROUND_MM - 2;
  solids.push({ as: 'pad', from: face, to: face + pad, low: wheelBore, high: padTop });
  if (wheel.pocketDepthMm)
    solids.push({ as: 'hole', from: face, to: face + wheel.pocketDepthMm, low: up - half - 5, high: up + half + 5 });
  for (const ring of candidate.stack ?? []) {
    if (ring.kind !== 'ring' || ring.outerMm == null || ring.innerMm == null) continue;
    const at = Math.abs(ring.outerMm / 2 - wheelBore) < 0.2 ? face : 0;
    solids.push({
      as: 'ring',
      from: at,
      to: at + (ring.thicknessMm ?? 8),
      low: ring.innerMm / 2,
      high: ring.outerMm / 2,
    });
  }
  marks.push({
    name: 'wheel ⌀',
    mm: wheel.boreMm ?? null,
    out: face + pad + 1.5,
    up: wheelBore,
    bore: true,
    code: 'centring',
    anchor: 'start',
  });
  marks.push({
    name: 'pad',
    mm: wheel.padThicknessMm ?? null,
    out: face + pad / 2,
    up: top,
  });

  // The wheel's own hole; an adapter's studs stand in another plane, between the car's, and are drawn in outline.
  if (!carrier) solids.push({ as: 'hole', from: face, to: face + pad, low: up - half - 0.75, high: up + half + 0.75 });
  const held = clamp ?? face + pad;
  const tip = bolt ? held - length : length;
  solids.push({ as: 'stud', from: bolt ? tip : -flange + 2, to: bolt ? held : tip, low: up - half, high: up + half });
  solids.push({
    as: 'thread',
    from: bolt ? tip : 0,
    to: bolt ? Math.min(0, held) : tip,
    low: up - half * 0.84,
    high: up + half * 0.84,
  });
  nut({ solids, seats, as: 'nut', held, up, half, seat: candidate.fastener?.seat ?? fastener.seat });
  if (carrier) {
    const reach = carrier.length ?? pad + carrier.half * 3;
    if (carrier.length === null) guessed.push("adapter's studs");
    solids.push({
      as: 'own-stud',
      from: carrier.from - 8,
      to: carrier.from + reach,
      low: carrier.up - carrier.half,
      high: carrier.up + carrier.half,
    });
    nut({ solids, seats, as: 'own-nut', held: face + pad, up: carrier.up, half: carrier.half, seat: carrier.seat });
  }
  const known = fastener.kind !== undefined && (bolt ? tip < 0 : tip > held);
  const engaged = !known
    ? null
    : bolt
      ? { from: Math.max(tip, -(fastener.threadDepthMm ?? Infinity)), to: Math.min(0, held), up }
      : { from: held, to: tip, up };
  return {
    range: {
      left: Math.min(-flange - 8, bolt ? tip - 6 : 0),
      right: Math.max(
        face + pad + 26,
        bolt ? held + 20 : tip + 12,
        carrier ? carrier.from + (carrier.length ?? 0) + 10 : 0,
      ),
      bottom: Math.max(0, bore - 34),
      top: top + 10,
    },
    solids,
    seats,
    stackMm: face,
    engaged,
    proud: carrier && !bolt && length > face ? { to: length, up } : null,
    marks,
    guessed: [...new Set(guessed)],
  };
}

/** A nut or bolt head, with what sits in the seat. */
function nut({
  solids,
  seats,
  as,
  held,
  up,
  half,
  seat,
}: {
  solids: Solid[];
  seats: SeatCone[];
  as: SeatCone['as'];
  held: number;
  up: number;
  half: number;
  seat: Seat | undefined;
}): void {
  const cone = seat === 'flat' ? 0 : half * 0.9;
  if (cone > 0)
    seats.push({
      as,
      out: held - cone * 0.4,
      up,
      half: half * 1.75,
      depth: cone,
      round: seat?.startsWith('ball') ?? false,
    });
  solids.push({
    as,
    from: held + cone * 0.6,
    to: held + cone * 0.6 + half * 2.2,
    low: up - half * 1.75,
    high: up + half * 1.75,
  });
}
