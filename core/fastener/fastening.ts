import type { Measured } from '#core/units';
import { SHOP_LIMITS, worstVerdict, type ShopLimits, type Verdict } from '#core/verdict';
import { engagementMm, leastEngagementMm, pocketTakes, POCKET_SPARE_MM, studProudMm, thinnestAdapterMm, turnsOf } from './engagement'; // prettier-ignore
import { standardLengthMm } from './lengths';
import type { FastenedPiece, FastenedWheelOnStack, Fastener } from './records';
import { threadOrNull, type Thread } from './thread';

/** One bolted joint of the stack: the hub's own, or an adapter's studs carrying the wheel. Lengths mm. */
export interface Joint {
  /** What the fastener stands in. */
  in: 'hub' | 'adapter';
  kind: 'stud' | 'bolt';
  thread: string | null;
  lengthMm: number | null;
  /** Spacers it goes through, and the thickness under its seat (wheel pad or adapter). */
  throughMm: number | null;
  seatMm: number | null;
  engagementMm: number | null;
  turns: number | null;
  limitMm: number | null;
  /** A bolt that reaches further than the hub's thread, or a stud than that of its closed nut. */
  tooLongMm: number;
  /** Where a stud meets the end of a closed nut before it clamps, or may. */
  nut: 'bottoms' | 'form-unknown' | 'depth-unknown' | null;
  verdict: Verdict;
}

export interface Fastening {
  verdict: Verdict;
  /** Of the joint at the hub. */
  engagementMm: number | null;
  turns: number | null;
  /** How far the car's own stud stands proud of an adapter; null without one. */
  studProudMm: number | null;
  /** Least length of stud or bolt that holds. */
  requiredLengthMm: number | null;
  /** Most that the hub takes; null where nothing limits it or that is not known. */
  longestLengthMm: number | null;
  /** The next standard length. */
  standardLengthMm: number | null;
  /** What to take off studs that stand too proud, where the rest still holds the adapter. */
  trimMm: number | null;
  /** Thinnest adapter that needs neither pockets nor trimming. */
  thinnestAdapterMm: number | null;
  /** Thread of nuts or bolts against what they go on. */
  threadsDiffer: boolean;
  joints: Joint[];
}

/**
 * Whether studs or bolts hold a wheel through its stack. Stud: e = Ls − t − p; bolt: e = Lb − t − p, of which no more than the hub's
 * thread depth counts; a bolt-on adapter is held through its own seat thickness, and the car's studs stand Ls − t proud of it. Limit:
 * one thread diameter (house limit; common practice, no source). A bolt needs its present length and the stack's thickness more. Lengths mm.
 */
export function fasteningOf(
  hub: Fastener,
  candidate: FastenedWheelOnStack,
  limits: ShopLimits = SHOP_LIMITS,
): Fastening {
  const ratio = limits.engagementRatio;
  const stack = (candidate.stack ?? []).filter(({ kind }) => kind !== 'ring');
  const own = candidate.fastener ?? {};
  const kind = hub.kind ?? null;
  const hubThread = threadOrNull(hub.thread);
  const ownThread = own.thread === undefined ? null : threadOrNull(own.thread);
  const lengthMm = own.lengthMm ?? hub.lengthMm ?? null;
  const runs = runsOf(stack, candidate.wheel?.padThicknessMm);
  const nut = { form: own.nut ?? hub.nut ?? null, depthMm: own.nutDepthMm ?? hub.nutDepthMm ?? null };
  const bare = runs.map((run, index): Joint => {
    const before = runs[index - 1]?.adapter;
    if (before)
      return jointOf('adapter', 'stud', threadOrNull(before.thread), before.studLengthMm ?? null, run, null, ratio);
    return jointOf('hub', kind, hubThread, lengthMm, run, hub.threadDepthMm, ratio);
  });
  // Nuts that hold an adapter on the hub come with it and are made for it: the wheel's are asked for.
  const joints = bare.map((joint, index) => (index < bare.length - 1 ? joint : withNut(joint, nut)));
  const [first] = joints as [Joint, ...Joint[]];
  const adapters = runs.flatMap(({ adapter }) => (adapter ? [adapter] : []));
  const pockets =
    kind === 'bolt' || adapters.length === 0 ? null : pocketsFor(lengthMm, runs[0]!, candidate, hubThread, ratio);
  const required = kind === null ? null : requiredMm(first, hubThread, hub, ratio);
  // Nuts or bolts go on what stands outermost: an adapter's studs, else the hub.
  const carries = adapters.length > 0 ? threadOrNull(adapters.at(-1)!.thread) : hubThread;
  const threadsDiffer = ownThread !== null && carries !== null && ownThread.name !== carries.name;
  // An adapter comes with its own studs; they are judged only where somebody measured them.
  const judged = joints.filter((joint) => joint.in === 'hub' || joint.lengthMm !== null).map(({ verdict }) => verdict);
  return {
    verdict: worstVerdict([
      ...judged,
      ...(pockets ? [pockets.verdict] : []),
      ...(threadsDiffer ? ['fail' as const] : []),
    ]),
    engagementMm: first.engagementMm,
    turns: first.turns,
    studProudMm: pockets?.proudMm ?? null,
    requiredLengthMm: required?.least ?? null,
    longestLengthMm: required && Number.isFinite(required.most) ? required.most : null,
    standardLengthMm: required && kind ? standardLengthMm(kind, required.least, required.most) : null,
    trimMm: pockets?.trimMm ?? null,
    thinnestAdapterMm: pockets?.thinnestMm ?? null,
    threadsDiffer,
    joints,
  };
}

/** What one set of fasteners clamps: slip-ons, then an adapter or the wheel. */
interface Run {
  throughMm: number | null;
  seatMm: number | null;
  adapter: FastenedPiece | null;
  /** From the face it stands on to the adapter's outer face. */
  stackMm: number | null;
}

function runsOf(stack: readonly FastenedPiece[], padMm: Measured): Run[] {
  const runs: Run[] = [];
  let through: number | null = 0;
  for (const piece of stack) {
    if (piece.kind === 'slip-on') {
      through = through === null || piece.thicknessMm == null ? null : through + piece.thicknessMm;
      continue;
    }
    const stackMm: number | null = through === null || piece.thicknessMm == null ? null : through + piece.thicknessMm;
    runs.push({ throughMm: through, seatMm: piece.seatThicknessMm ?? null, adapter: piece, stackMm });
    through = 0;
  }
  runs.push({ throughMm: through, seatMm: padMm ?? null, adapter: null, stackMm: null });
  return runs;
}

function jointOf(
  standsIn: Joint['in'],
  kind: 'stud' | 'bolt' | null,
  thread: Thread | null,
  lengthMm: number | null,
  { throughMm, seatMm }: Run,
  threadDepthMm: Measured,
  ratio: number,
): Joint {
  const known = kind !== null && lengthMm !== null && throughMm !== null && seatMm !== null;
  const left = known ? engagementMm(lengthMm, throughMm + seatMm) : null;
  const depth = kind === 'bolt' ? (threadDepthMm ?? Infinity) : Infinity;
  const engaged = left === null ? null : Math.min(left, depth);
  const tooLongMm = left === null ? 0 : Math.max(0, left - depth);
  const limitMm = thread && leastEngagementMm(thread.diameterMm, ratio);
  const verdict: Verdict =
    tooLongMm > 0 || (engaged !== null && engaged <= 0)
      ? 'fail'
      : engaged === null || limitMm === null
        ? 'unknown'
        : engaged < limitMm - 1e-9
          ? 'fail'
          : 'ok';
  return {
    in: standsIn,
    kind: kind ?? 'stud',
    thread: thread?.name ?? null,
    lengthMm,
    throughMm,
    seatMm,
    engagementMm: engaged,
    turns: engaged === null || !thread ? null : turnsOf(engaged, thread.pitchMm),
    limitMm,
    tooLongMm,
    nut: null,
    verdict,
  };
}

/** So many diameters of thread in a nut of which nobody said whether it is closed are looked at (common practice, no source). */
const DEEP_IN_DIAMETERS = 2.5;

/** A joint with the nuts that go on its studs: a closed nut whose thread is used up before it clamps does not hold. */
function withNut(joint: Joint, { form, depthMm }: { form: Fastener['nut'] | null; depthMm: number | null }): Joint {
  const { engagementMm: e, thread, verdict } = joint;
  if (joint.kind !== 'stud' || e === null || form === 'open') return joint;
  const worse = (nut: Joint['nut'], with_: Verdict, tooLongMm = 0): Joint => ({ ...joint, nut, tooLongMm, verdict: worstVerdict([verdict, with_]) });
  if (form === 'closed') {
    if (depthMm === null) return worse('depth-unknown', 'unknown');
    return e > depthMm + 1e-9 ? worse('bottoms', 'fail', e - depthMm) : joint;
  }
  const diameterMm = threadOrNull(thread ?? undefined)?.diameterMm ?? null;
  return diameterMm !== null && e > DEEP_IN_DIAMETERS * diameterMm ? worse('form-unknown', 'caution') : joint;
} // prettier-ignore

/** Least and most length, mm. A bolt grows by exactly the stack, as long as that gives enough thread and stays within the hub's. */
function requiredMm(
  joint: Joint,
  thread: Thread | null,
  hub: Fastener,
  ratio: number,
): { least: number; most: number } | null {
  const { throughMm, seatMm } = joint;
  if (throughMm === null) return null;
  const bolt = hub.kind === 'bolt';
  const inHub = bolt && hub.threadDepthMm != null ? hub.threadDepthMm : Infinity;
  const holds = seatMm !== null && thread ? throughMm + seatMm + leastEngagementMm(thread.diameterMm, ratio) : null; // prettier-ignore
  const most = seatMm === null ? Infinity : throughMm + seatMm + inHub;
  const grown = bolt && hub.lengthMm != null ? hub.lengthMm + throughMm : null;
  if (grown === null) return holds === null ? null : { least: holds, most };
  return { least: Math.max(holds ?? 0, Math.min(grown, most)), most };
}

interface Pockets {
  proudMm: number;
  verdict: Verdict;
  trimMm: number | null;
  thinnestMm: number | null;
}

/** The car's own studs behind the wheel: whether its pockets take them, what trimming would do, and from which adapter on they hide. */
function pocketsFor(
  studMm: number | null,
  run: Run,
  candidate: FastenedWheelOnStack,
  thread: Thread | null,
  ratio: number,
): Pockets | null {
  if (studMm === null || run.stackMm === null) return null;
  const pocketMm = candidate.wheel?.pocketDepthMm ?? null;
  const proudMm = studProudMm(studMm, run.stackMm);
  const fits = proudMm === 0 || (pocketMm !== null && pocketTakes(proudMm, pocketMm));
  // Trimmed to where the pocket, or the adapter's face, takes it; the adapter's nuts must still hold.
  const trimmedMm = run.stackMm + Math.max(0, (pocketMm ?? 0) - POCKET_SPARE_MM);
  const held = run.throughMm === null || run.seatMm === null || !thread ? null : trimmedMm - run.throughMm - run.seatMm;
  const holds = held !== null && held >= leastEngagementMm(thread!.diameterMm, ratio) - 1e-9;
  return {
    proudMm,
    verdict: fits ? 'ok' : pocketMm === null ? 'unknown' : 'fail',
    trimMm: !fits && holds ? studMm - trimmedMm : null,
    thinnestMm: thinnestAdapterMm(studMm - (run.throughMm ?? 0), pocketMm ?? 0),
  };
}
