import { clearanceHoleMm, fasteningOf, leastEngagementMm, POCKET_SPARE_MM, threadOrNull } from '#core/fastener';
import { boreMarginMm, edgeMarginMm, ligamentMm, NEAR_PATTERN_MM, patternName, wholePattern, type BoltPattern, type Drilling } from '#core/hub'; // prettier-ignore
import {
  priceInForce,
  ruleInForce,
  type AxleName,
  type Job,
  type Prices,
  type Setup,
  type SetupAxle,
  type StackPart,
} from '#core/job';
import { diameterFigure, wordsIn, type UnitChoice, type Words, type Measured } from '#core/units';
import { shopLimits, worstVerdict, type Verdict } from '#core/verdict';
import { evaluateSetup, NO_SWEEPS, hardwareOf, type AxleReport, verdictWord } from '#core/evaluate';

export type WayKind = 'adapter' | 'near-pattern' | 'redrill-wheel' | 'redrill-hub' | 'hub-swap';

/** One way to make a wheel of another pattern go on, with what it takes and does. */
export interface WayOut {
  kind: WayKind;
  title: string;
  verdict: Verdict;
  /** The geometry behind it, line by line. */
  lines: string[];
  /** The axle with this way taken, where it stays with the setup; null where it changes the car. */
  candidate: SetupAxle | null;
  /** Where the wheel would stand; null where that is not known yet. */
  position: Pick<AxleReport, 'effectiveOffsetMm' | 'pokeMm' | 'inboardGapMm'> | null;
  /** For both wheels of the axle; null where a price is missing. */
  cost: number | null;
  caution: string;
}

/** What the specialist says of the ways; null where nothing is said yet. */
export interface WayChoices {
  adapterMm: number | null;
  /** An adapter that is kept, with its own dimensions and price; it goes before a thickness that was typed. */
  adapterKept?: { piece: StackPart; name: string; priceEach: number | null } | null;
  /** How far a swapped hub's face stands further out than the present one. */
  hubFaceShiftMm: number | null;
}

/**
 * The ways out when a wheel's pattern is not its hub's, each with its geometry check, its effect on the position computed with the car's
 * room, and its cost. Lengths mm.
 * @returns an empty list when the patterns match or one is not known
 */
export function waysOut(
  job: Job,
  setup: Setup,
  axle: AxleName,
  choices: WayChoices,
  unit: UnitChoice = 'mm',
): WayOut[] {
  const candidate = setup[axle] ?? {};
  const bare = { ...candidate, stack: (candidate.stack ?? []).filter((piece) => !turnsPattern(piece)) };
  const hub = job.vehicle[axle]?.hub ?? {};
  const { match, carries } = hardwareOf(hub, bare, job);
  const wheel = wholePattern(candidate.wheel);
  const wanted = wholePattern(carries);
  if (!wheel || !wanted || match.verdict === 'ok' || match.verdict === 'unknown') return [];
  const one: Case = { job, setup, axle, candidate: bare, wheel, hub: wanted, words: wordsIn(unit), choices };
  return [nearPattern(one), adapter(one), redrillWheel(one), redrillHub(one), hubSwap(one)];
}

interface Case {
  job: Job;
  setup: Setup;
  axle: AxleName;
  /** Without what changes the pattern already. */
  candidate: SetupAxle;
  wheel: BoltPattern;
  hub: BoltPattern;
  words: Words;
  choices: WayChoices;
}

const turnsPattern = (piece: StackPart): boolean =>
  piece.kind === 'bolt-on' && (piece.toLugCount != null || piece.toBoltCircleMm != null);

const WHEELS_AN_AXLE = 2;

const cost = (one: Case, price: Exclude<keyof Prices, 'currency'>, pieces = WHEELS_AN_AXLE): number | null => {
  const each = priceInForce(price, one.job);
  return each == null ? null : each * pieces;
};

/** Where a candidate would stand in the car's room, and what is said against it there. */
function roomOf(
  one: Case,
  candidate: SetupAxle,
): { position: NonNullable<WayOut['position']>; verdict: Verdict; lines: string[] } {
  const report = evaluateSetup(one.job, { ...one.setup, [one.axle]: candidate }, { sweeps: NO_SWEEPS })[one.axle];
  const { effectiveOffsetMm, pokeMm, inboardGapMm } = report;
  const checks = report.checks.filter(({ code }) => code === 'fender' || code === 'inboard');
  return {
    position: { effectiveOffsetMm, pokeMm, inboardGapMm },
    verdict: worstVerdict(checks.map(({ verdict }) => verdict)),
    lines: checks
      .filter(({ verdict }) => verdict === 'fail' || verdict === 'caution')
      .map((check) => `${check.label.toLowerCase()}: ${verdictWord(check)}`),
  };
}

function nearPattern(one: Case): WayOut {
  const delta = one.wheel.boltCircleMm - one.hub.boltCircleMm;
  const near = one.wheel.lugCount === one.hub.lugCount && Math.abs(delta) <= NEAR_PATTERN_MM;
  const refused = ruleInForce('nearPatterns', one.job) === 'refuse';
  return {
    kind: 'near-pattern',
    title: 'As a near pattern',
    verdict: near && !refused ? 'caution' : 'fail',
    lines: [
      one.wheel.lugCount === one.hub.lugCount
        ? `circles differ by ${one.words.number(delta, 2)} mm; near is up to ${one.words.number(NEAR_PATTERN_MM, 1)} mm`
        : `${one.wheel.lugCount} holes on ${one.hub.lugCount} studs`,
      ...(near && refused ? ['near patterns are refused (brief)'] : []),
      ...(near ? [`each seat stands ${one.words.number(Math.abs(delta) / 2, 2)} mm off its stud`] : []),
    ],
    candidate: near && !refused ? one.candidate : null,
    position: near ? roomOf(one, one.candidate).position : null,
    cost: near ? cost(one, 'fastenerSetAxle', 1) : null,
    caution: 'Wobble nuts or bolts made for it, or not at all. Practice is divided.',
  };
}

function adapter(one: Case): WayOut {
  const { words, hub, wheel, choices, candidate } = one;
  const vehicleHub = one.job.vehicle[one.axle]?.hub;
  const fastener = vehicleHub?.fastener ?? {};
  const studs = fastener.kind === 'stud' ? (fastener.lengthMm ?? null) : null;
  const thread = threadOrNull(fastener.thread);
  const kept = choices.adapterKept ?? null;
  const [bore, lip] = [vehicleHub?.boreMm, candidate.wheel?.boreMm];
  const fitted = (thicknessMm: number): SetupAxle => {
    const ordered: StackPart = {
      kind: 'bolt-on',
      thicknessMm,
      toLugCount: wheel.lugCount,
      toBoltCircleMm: wheel.boltCircleMm,
      ...(bore == null ? {} : { innerBoreMm: bore }),
      ...(lip == null ? {} : { outerLipMm: lip }),
    };
    return { ...candidate, stack: [...(candidate.stack ?? []), kept?.piece ?? ordered] };
  };
  // How the studs stand behind any adapter says from which thickness on they hide.
  const hides = studs === null ? null : fasteningOf(fastener, fitted(0), shopLimits(one.job.house)).thinnestAdapterMm;
  const thickness = kept ? (kept.piece.thicknessMm ?? null) : (choices.adapterMm ?? hides);
  const lines = [`${patternName(hub)} to ${patternName(wheel)}`];
  if (hides !== null) lines.push(`from ${words.length(hides)} on, studs of ${words.length(studs!)} need neither pockets nor trimming`); // prettier-ignore
  if (studs !== null && thread) {
    const least = leastEngagementMm(thread.diameterMm, shopLimits(one.job.house).engagementRatio);
    lines.push(`its own seat no thicker than ${words.length(studs - least)}: then ${thread.name} still holds`);
  }
  if (thickness === null) {
    lines.push('say how thick it is: stud length is not known');
    return way(one, 'adapter', 'Adapter', 'unknown', lines, null, 'adapterEach', ADAPTER_CAUTION);
  }
  const made = fitted(thickness);
  lines.push(`pushes the wheel out by ${words.length(thickness)}`);
  if (kept) lines.push(`from the stores: ${kept.name}`);
  else if (bore != null && lip != null)
    lines.push(`order: bore ${diameterFigure(bore)} mm, lip ${diameterFigure(lip)} mm`);
  const { studProudMm: proud, verdict: held } = fasteningOf(fastener, made, shopLimits(one.job.house));
  if (proud !== null && proud > 0 && held !== 'ok')
    lines.push(`studs stand ${words.length(proud)} proud of it: trim, or pockets of ${words.length(proud + POCKET_SPARE_MM)}`); // prettier-ignore
  const room = roomOf(one, made);
  lines.push(...room.lines);
  const verdict = worstVerdict([room.verdict, held, 'caution']);
  const title = `Adapter, ${words.length(thickness)}`;
  const found = way(one, 'adapter', title, verdict, lines, made, 'adapterEach', ADAPTER_CAUTION);
  return kept?.priceEach == null ? found : { ...found, cost: kept.priceEach * WHEELS_AN_AXLE };
}

const ADAPTER_CAUTION = 'Two rows of fasteners, each with its own torque. Retorque both after 50 to 100 km.';
const DRILL_CAUTION = 'Licensed work and local approval. A welded or redrilled part is a safety part.';

function way(
  one: Case,
  kind: WayKind,
  title: string,
  verdict: Verdict,
  lines: string[],
  candidate: SetupAxle | null,
  price: Exclude<keyof Prices, 'currency'>,
  caution: string,
): WayOut {
  const position = candidate && roomOf(one, candidate).position;
  return { kind, title, verdict, lines, candidate, position, cost: cost(one, price), caution };
}

/** A hole row where its diameter is known. */
const drilling = (pattern: BoltPattern, holeMm: Measured): Drilling | null =>
  holeMm == null ? null : { ...pattern, holeMm };

/** Judges new holes between old ones: material left between holes, to the bore and, on a flange, to its rim. */
function drilled(
  one: Case,
  old: Drilling | null,
  made: Drilling | null,
  boreMm: Measured,
  flangeMm: Measured | 'none',
) {
  const { words } = one;
  if (!old || !made) return { verdict: 'unknown' as Verdict, lines: ['not known: the diameter of the present holes'] };
  const between = ligamentMm(old, made);
  const lines = [
    `between old and new holes ${words.length(between)}, ${words.length(shopLimits(one.job.house).ligamentMm)} wanted`,
  ];
  const verdicts: Verdict[] = [between >= shopLimits(one.job.house).ligamentMm ? 'caution' : 'fail'];
  if (between < shopLimits(one.job.house).ligamentMm)
    lines.push('too little: only welded up and drilled anew, by a specialist');
  const edge = (name: string, mm: number | null) => {
    if (mm === null) {
      verdicts.push('unknown');
      lines.push(`not known: ${name}`);
      return;
    }
    lines.push(`${name} ${words.length(mm)}, ${words.length(shopLimits(one.job.house).edgeMm)} wanted`);
    if (mm < shopLimits(one.job.house).edgeMm) verdicts.push('fail');
  };
  edge('to the center bore', boreMm == null ? null : boreMarginMm(boreMm, made));
  if (flangeMm !== 'none') edge('to the rim of the flange', flangeMm == null ? null : edgeMarginMm(flangeMm, made));
  // What is not known outweighs the licence that any drilling needs, not what does not go.
  const verdict: Verdict = verdicts.includes('fail') ? 'fail' : verdicts.includes('unknown') ? 'unknown' : 'caution';
  return { verdict, lines };
}

function redrillWheel(one: Case): WayOut {
  const { wheel, hub, candidate } = one;
  const thread = threadOrNull(one.job.vehicle[one.axle]?.hub?.fastener?.thread);
  const old = drilling(wheel, candidate.wheel?.lugHoleMm);
  const made = drilling(hub, thread && clearanceHoleMm(thread.diameterMm));
  const { verdict, lines } = drilled(one, old, made, candidate.wheel?.boreMm, 'none');
  const redone = {
    ...candidate,
    wheel: { ...candidate.wheel, lugCount: hub.lugCount, boltCircleMm: hub.boltCircleMm },
  };
  const all = [`${patternName(wheel)} drilled to ${patternName(hub)}`, ...lines, 'the wheel stays where it is'];
  return way(one, 'redrill-wheel', 'Redrilled wheel', verdict, all, redone, 'redrillWheelEach', DRILL_CAUTION);
}

function redrillHub(one: Case): WayOut {
  const { wheel, hub, candidate } = one;
  const part = one.job.vehicle[one.axle]?.hub ?? {};
  const made = drilling(wheel, part.studHoleMm);
  const { verdict, lines } = drilled(one, drilling(hub, part.studHoleMm), made, part.boreMm, part.flangeDiameterMm);
  const all = [`${patternName(hub)} drilled to ${patternName(wheel)}`, ...lines, 'rotor and drum need the same holes'];
  return {
    ...way(one, 'redrill-hub', 'Redrilled hub', verdict, all, null, 'redrillHubEach', DRILL_CAUTION),
    position: roomOf(one, candidate).position,
  };
}

function hubSwap(one: Case): WayOut {
  const { choices, candidate, wheel, words } = one;
  const shift = choices.hubFaceShiftMm;
  const lines = [
    `a hub of ${patternName(wheel)} that takes this knuckle, bearing and rotor`,
    shift === null ? 'say how far its face stands further out' : `its face stands ${words.change(shift)} out`,
    'bore, lip and studs are then the other hub’s: enter them at the Hub station',
  ];
  const given = candidate.wheel ?? {};
  // A face further out is the same wheel with so much less offset.
  const moved =
    shift === null
      ? null
      : given.offsetMm != null
        ? { ...given, offsetMm: given.offsetMm - shift }
        : given.backspacingMm != null
          ? { ...given, backspacingMm: given.backspacingMm - shift }
          : null;
  const room = moved && roomOf(one, { ...candidate, wheel: moved });
  if (room) lines.push(...room.lines);
  return {
    ...way(
      one,
      'hub-swap',
      'Other hub',
      'unknown',
      lines,
      null,
      'hubSwapEach',
      'Bearing, brake and speed sensor come into it. Licensed work.',
    ),
    verdict: room ? worstVerdict([room.verdict, 'caution']) : 'unknown',
    position: room && room.position,
  };
}
