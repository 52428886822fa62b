import type { Measured } from '#core/units';
import { SHOP_LIMITS, worstVerdict, type ShopLimits, type Verdict } from '#core/verdict';
import {
  engagementMm,
  leastEngagementMm,
  pocketTakes,
  POCKET_SPARE_MM,
  studProudMm,
  thinnestAdapterMm,
  turnsOf,
} from './engagement';
import { standardLengthMm } from './lengths';
import type { FastenedPiece, FastenedWheelOnStack, Fastener, FastenerKind, SetupFastener } from './records';
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
  /** How far the car's own stud sticks out of an adapter; null without one. */
  studProudMm: number | null;
  /** Least length of stud or bolt that holds. */
  requiredLengthMm: number | null;
  /** Most that the hub takes; null where nothing limits it or that is not known. */
  longestLengthMm: number | null;
  /** The next standard length. */
  standardLengthMm: number | null;
  /** What to take off studs that stick out too far, where the rest still holds the adapter. */
  trimMm: number | null;
  /** Thinnest adapter that needs neither pockets nor trimming. */
  thinnestAdapterMm: number | null;
  /** Thread of nuts or bolts against what they go on. */
  threadsDiffer: boolean;
  joints: Joint[];
}

/**
 * Whether studs or bolts hold a wheel through its stack. Stud: e = Ls − t − p; bolt: e = Lb − t − p, of which no more
 * than the hub's thread depth counts; a bolt-on adapter is held through its own seat thickness, and the car's studs
 * stick out Ls − t. Limit: one thread diameter (shop limit; common practice, no source). A bolt needs its
 * present length and the stack's thickness more. Lengths mm.
 */
export function fasteningOf(
  hub: Fastener,
  candidate: FastenedWheelOnStack,
  limits: ShopLimits = SHOP_LIMITS,
): Fastening {
  const ratio = limits.engagementRatio;
  const own = candidate.fastener ?? {};
  const kind = hub.kind ?? null;
  const hubThread = threadOrNull(hub.thread);
  const lengthMm = own.lengthMm ?? hub.lengthMm ?? null;
  const runs = runsOf(candidate.stack ?? [], candidate.wheel?.padThicknessMm);
  const joints = jointsOf(runs, { hub, own, hubThread, lengthMm, ratio });
  const [first] = joints as [Joint, ...Joint[]];
  const adapter = runs.at(-2)?.adapter ?? null;
  const pockets =
    kind === 'bolt' || adapter === null
      ? null
      : pocketsFor(runs[0]!, { studMm: lengthMm, candidate, hubThread, ratio });
  const required = kind === null ? null : requiredMm(first, { thread: hubThread, hub, ratio });
  // Nuts or bolts go on what stands outermost: an adapter's studs, else the hub.
  const carries = adapter ? threadOrNull(adapter.thread) : hubThread;
  const ownThread = own.thread === undefined ? null : threadOrNull(own.thread);
  const threadsDiffer = ownThread !== null && carries !== null && ownThread.name !== carries.name;
  return {
    verdict: held(joints, pockets, threadsDiffer),
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

/** An adapter comes with its own studs; they are judged only where somebody measured them. */
function held(joints: readonly Joint[], pockets: Pockets | null, threadsDiffer: boolean): Verdict {
  const judged: Verdict[] = [];
  for (const joint of joints) if (joint.in === 'hub' || joint.lengthMm !== null) judged.push(joint.verdict);
  if (pockets) judged.push(pockets.verdict);
  if (threadsDiffer) judged.push('fail');
  return worstVerdict(judged);
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
    if (piece.kind === 'ring') continue;
    const outer: number | null = through === null || piece.thicknessMm == null ? null : through + piece.thicknessMm;
    if (piece.kind === 'slip-on') {
      through = outer;
      continue;
    }
    runs.push({ throughMm: through, seatMm: piece.seatThicknessMm ?? null, adapter: piece, stackMm: outer });
    through = 0;
  }
  runs.push({ throughMm: through, seatMm: padMm ?? null, adapter: null, stackMm: null });
  return runs;
}

interface JointAsk {
  hub: Fastener;
  own: SetupFastener;
  hubThread: Thread | null;
  lengthMm: number | null;
  ratio: number;
}

/**
 * The hub's own joint, and that of each adapter's studs. Nuts that hold an adapter come with it: only the wheel's are
 * asked for.
 */
function jointsOf(runs: readonly Run[], { hub, own, hubThread, lengthMm, ratio }: JointAsk): Joint[] {
  const joints: Joint[] = [];
  for (const [index, run] of runs.entries()) {
    const before = runs[index - 1]?.adapter;
    const joint = before
      ? jointOf(run, {
          in: 'adapter',
          kind: 'stud',
          thread: threadOrNull(before.thread),
          lengthMm: before.studLengthMm ?? null,
          threadDepthMm: null,
          ratio,
        })
      : jointOf(run, {
          in: 'hub',
          kind: hub.kind ?? null,
          thread: hubThread,
          lengthMm,
          threadDepthMm: hub.threadDepthMm,
          ratio,
        });
    joints.push(joint);
  }
  const nut = { form: own.nut ?? hub.nut ?? null, depthMm: own.nutDepthMm ?? hub.nutDepthMm ?? null };
  joints.push(withNut(joints.pop()!, nut));
  return joints;
}

/** What a joint is made with. */
interface JointMade {
  in: Joint['in'];
  kind: FastenerKind | null;
  thread: Thread | null;
  lengthMm: number | null;
  threadDepthMm: Measured;
  ratio: number;
}

function jointOf({ throughMm, seatMm }: Run, made: JointMade): Joint {
  const { in: standsIn, kind, thread, lengthMm, threadDepthMm, ratio } = made;
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

/**
 * So many diameters of thread in a nut of which nobody said whether it is closed are looked at (common practice, no
 * source).
 */
const DEEP_IN_DIAMETERS = 2.5;

/** A joint with the nuts that go on its studs: a closed nut whose thread is used up before it clamps does not hold. */
function withNut(joint: Joint, { form, depthMm }: { form: Fastener['nut'] | null; depthMm: number | null }): Joint {
  const { engagementMm: e, thread, verdict } = joint;
  if (joint.kind !== 'stud' || e === null || form === 'open') return joint;
  const worse = (nut: Joint['nut'], with_: Verdict, tooLongMm = 0): Joint => ({
    ...joint,
    nut,
    tooLongMm,
    verdict: worstVerdict([verdict, with_]),
  });
  if (form === 'closed') {
    if (depthMm === null) return worse('depth-unknown', 'unknown');
    return e > depthMm + 1e-9 ? worse('bottoms', 'fail', e - depthMm) : joint;
  }
  const diameterMm = threadOrNull(thread ?? undefined)?.diameterMm ?? null;
  return diameterMm !== null && e > DEEP_IN_DIAMETERS * diameterMm ? worse('form-unknown', 'caution') : joint;
}

/**
 * Least and most length, mm. A bolt grows by exactly the stack, as long as that gives enough thread and stays within
 * the hub's.
 */
function requiredMm(
  joint: Joint,
  { thread, hub, ratio }: { thread: Thread | null; hub: Fastener; ratio: number },
): { least: number; most: number } | null {
  const { throughMm, seatMm } = joint;
  if (throughMm === null) return null;
  const bolt = hub.kind === 'bolt';
  const inHub = bolt && hub.threadDepthMm != null ? hub.threadDepthMm : Infinity;
  const holds = seatMm !== null && thread ? throughMm + seatMm + leastEngagementMm(thread.diameterMm, ratio) : null;
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

interface PocketsAsk {
  studMm: number | null;
  candidate: FastenedWheelOnStack;
  hubThread: Thread | null;
  ratio: number;
}

/**
 * The car's own studs behind the wheel: whether its pockets take them, what trimming would do, and from which adapter
 * on they hide.
 */
function pocketsFor(run: Run, { studMm, candidate, hubThread: thread, ratio }: PocketsAsk): Pockets | null {
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
