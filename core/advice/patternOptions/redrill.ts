import { threadOrNull, clearanceHoleMm } from '#core/fastener';
import { boreMarginMm, edgeMarginMm, ligamentMm, patternName, type BoltPattern, type Drilling } from '#core/hub';
import type { Measured } from '#core/units';
import { shopLimits, type Verdict } from '#core/verdict';
import { roomOf, way, type Case } from './case';
import type { PatternOption } from './option';

const DRILL_CAUTION = 'Licensed work and local approval. A welded or redrilled part is a safety part.';

/** A hole row where its diameter is known. */
const drilling = (pattern: BoltPattern, holeMm: Measured): Drilling | null =>
  holeMm == null ? null : { ...pattern, holeMm };

/** Judges new holes between old ones: material left between holes, to the bore and, on a flange, to its rim. */
function drilled({
  one,
  old,
  made,
  boreMm,
  flangeMm,
}: {
  one: Case;
  old: Drilling | null;
  made: Drilling | null;
  boreMm: Measured;
  flangeMm: Measured | 'none';
}) {
  const { words } = one;
  if (!old || !made) return { verdict: 'unknown' as Verdict, lines: ['not known: the diameter of the present holes'] };
  const between = ligamentMm(old, made);
  const lines = [
    `between old and new holes ${words.length(between)}, ${words.length(shopLimits(one.job.house).ligamentMm)} needed`,
  ];
  const verdicts: Verdict[] = [between >= shopLimits(one.job.house).ligamentMm ? 'caution' : 'fail'];
  if (between < shopLimits(one.job.house).ligamentMm) lines.push('too little: only weld and redrill, by a specialist');
  const edge = (name: string, mm: number | null) => {
    if (mm === null) {
      verdicts.push('unknown');
      lines.push(`not known: ${name}`);
      return;
    }
    lines.push(`${name} ${words.length(mm)}, ${words.length(shopLimits(one.job.house).edgeMm)} needed`);
    if (mm < shopLimits(one.job.house).edgeMm) verdicts.push('fail');
  };
  edge('to the center bore', boreMm == null ? null : boreMarginMm(boreMm, made));
  if (flangeMm !== 'none') edge('to the edge of the flange', flangeMm == null ? null : edgeMarginMm(flangeMm, made));
  // What is not known outweighs the licence that any drilling needs, not what does not go.
  const verdict: Verdict = verdicts.includes('fail') ? 'fail' : verdicts.includes('unknown') ? 'unknown' : 'caution';
  return { verdict, lines };
}

export function redrillWheel(one: Case): PatternOption {
  const { wheel, hub, candidate } = one;
  const thread = threadOrNull(one.job.vehicle[one.axle]?.hub?.fastener?.thread);
  const old = drilling(wheel, candidate.wheel?.lugHoleMm);
  const made = drilling(hub, thread && clearanceHoleMm(thread.diameterMm));
  const { verdict, lines } = drilled({ one, old, made, boreMm: candidate.wheel?.boreMm, flangeMm: 'none' });
  const redone = {
    ...candidate,
    wheel: { ...candidate.wheel, lugCount: hub.lugCount, boltCircleMm: hub.boltCircleMm },
  };
  const all = [`${patternName(wheel)} drilled to ${patternName(hub)}`, ...lines, 'the wheel stays where it is'];
  return way({
    one,
    kind: 'redrill-wheel',
    title: 'Redrilled wheel',
    verdict,
    lines: all,
    candidate: redone,
    price: 'redrillWheelEach',
    caution: DRILL_CAUTION,
  });
}

export function redrillHub(one: Case): PatternOption {
  const { wheel, hub, candidate } = one;
  const part = one.job.vehicle[one.axle]?.hub ?? {};
  const made = drilling(wheel, part.studHoleMm);
  const { verdict, lines } = drilled({
    one,
    old: drilling(hub, part.studHoleMm),
    made,
    boreMm: part.boreMm,
    flangeMm: part.flangeDiameterMm,
  });
  const all = [`${patternName(hub)} drilled to ${patternName(wheel)}`, ...lines, 'rotor and drum need the same holes'];
  return {
    ...way({
      one,
      kind: 'redrill-hub',
      title: 'Redrilled hub',
      verdict,
      lines: all,
      candidate: null,
      price: 'redrillHubEach',
      caution: DRILL_CAUTION,
    }),
    position: roomOf(one, candidate).position,
  };
}
