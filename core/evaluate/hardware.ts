import { centeringLines, centeringOf, type Centering } from '#core/centering';
import {
  fasteningLines,
  fasteningOf,
  lugHoleFor,
  SEAT_NAMES,
  threadOrNull,
  type Fastening,
  type Seat,
} from '#core/fastener';
import {
  matchPattern,
  NEAR_PATTERN_MM,
  patternName,
  patternOf,
  wholePattern,
  type BoltPattern,
  type Hub,
} from '#core/hub';
import { ruleInForce, type AxleName, type SetupAxle, type StackPart, type Terms } from '#core/job';
import { spacerVerdict, stackThicknessMm } from '#core/stack';
import { offsetFigure, type Words } from '#core/units';
import { shopLimits, type Check, type Verdict } from '#core/verdict';
import { hubPatternOf, type HubPattern } from './hubPattern';
import { Judged } from './judged';

/** How a candidate sits on the hub: pattern, centring, fasteners, seat. */
export interface Hardware {
  hub: Hub;
  hubPattern: HubPattern;
  /** What the wheel bolts to: the hub's pattern, or what the outermost adapter turns it into. */
  carries: Partial<BoltPattern>;
  adapter: StackPart | null;
  match: { verdict: Verdict; deltaMm: number | null };
  centring: Centering;
  fastening: Fastening;
  /** The nuts' or bolts' seat, and whether nobody said it of an adapter's. */
  seat: Seat | null;
  seatAssumed: boolean;
}

const NO_HUB: Hub = {};

/** Everything between hub face and wheel face, put together. */
export function hardwareOf(hub: Hub = NO_HUB, candidate: SetupAxle, terms: Terms): Hardware {
  const limits = shopLimits(terms.house);
  const hubPattern = hubPatternOf(hub);
  const adapter = candidate.stack?.findLast(({ kind }) => kind === 'bolt-on') ?? null;
  const turned = { lugCount: adapter?.toLugCount, boltCircleMm: adapter?.toBoltCircleMm };
  const carries = { ...hubPattern.pattern, ...patternOf(turned) };
  const fastener = hub.fastener ?? {};
  return {
    hub,
    hubPattern,
    carries,
    adapter,
    match: matchPattern(patternOf(candidate.wheel), carries, ruleInForce('nearPatterns', terms)),
    centring: centeringOf(hub, candidate, ruleInForce('centring', terms), limits),
    fastening: fasteningOf(fastener, candidate, limits),
    seat: candidate.fastener?.seat ?? adapter?.seat ?? fastener.seat ?? null,
    seatAssumed: adapter !== null && adapter.seat === undefined && candidate.fastener?.seat === undefined,
  };
}

const NO_MARGIN = { limit: null, margin: null } as const;

/** The checks between hub and wheel. */
export function hardwareChecks(
  axle: AxleName,
  hardware: Hardware,
  candidate: SetupAxle,
  terms: Terms,
  words: Words,
): Check[] {
  const { centring, fastening } = hardware;
  const rule = ruleInForce('centring', terms);
  const play = centring.interfaces.map(({ boreMm, hubMm }) => (boreMm === null || hubMm === null ? null : boreMm - hubMm)); // prettier-ignore
  const worst = centring.interfaces.findIndex(({ verdict }) => verdict === centring.verdict);
  const [joint] = fastening.joints;
  return [
    patternCheck(axle, hardware, candidate, words),
    new Judged(
      {
        code: 'centring',
        label: 'Centring',
        axle,
        value: play[Math.max(0, worst)] ?? null,
        ...NO_MARGIN,
        unit: 'mm',
        verdict: centring.verdict,
      },
      () => centeringLines(centring, rule, words, shopLimits(terms.house)),
    ),
    new Judged(
      {
        code: 'fastening',
        label: joint!.kind === 'bolt' ? 'Bolts, engagement' : 'Studs, engagement',
        axle,
        value: fastening.engagementMm,
        limit: joint!.limitMm,
        margin:
          fastening.engagementMm === null || joint!.limitMm === null ? null : fastening.engagementMm - joint!.limitMm,
        unit: 'mm',
        verdict: fastening.verdict,
      },
      () => fasteningLines(fastening, words),
    ),
    seatCheck(axle, hardware, candidate),
    ...lugHoleCheck(axle, hardware, candidate, terms, words),
    ...spacerCheck(axle, candidate, terms, words),
  ];
}

/** A pattern of which one part may be missing. */
function partName(part: Partial<BoltPattern>): string {
  const whole = wholePattern(part);
  if (whole) return patternName(whole);
  if (part.lugCount == null && part.boltCircleMm == null) return 'not known';
  return `${part.lugCount ?? '?'} × ${part.boltCircleMm ?? '?'}`;
}

function patternCheck(axle: AxleName, hardware: Hardware, { wheel }: SetupAxle, words: Words): Check {
  const { match, carries, adapter, hubPattern } = hardware;
  const rows = () => {
    const [one, other] = hubPattern.candidates;
    const lines = [`wheel ${partName(patternOf(wheel))}; ${adapter ? 'adapter' : 'hub'} ${partName(carries)}`];
    if (match.deltaMm !== null && match.deltaMm !== 0)
      lines.push(`circles differ by ${words.number(match.deltaMm, 2)} mm`);
    if (
      match.deltaMm !== null &&
      match.verdict !== 'ok' &&
      Math.abs(match.deltaMm) <= NEAR_PATTERN_MM &&
      sameCount(wheel, carries)
    )
      lines.push(
        'a near pattern: bolts go in, but the seats pull off centre; practice is divided. Wobble fasteners, or leave it',
      );
    if (hubPattern.origin === 'read') lines.push(`read on the hub: ${words.number(one!.probability * 100, 0)} % sure`);
    if (hubPattern.origin === 'open' && one && other)
      lines.push(`the readings leave a choice: ${patternName(one)} ${words.number(one.probability * 100, 0)} %, ${patternName(other)} ${words.number(other.probability * 100, 0)} %`); // prettier-ignore
    if (hubPattern.origin === 'open' && !one) lines.push('the readings fit no known pattern');
    return lines;
  };
  return new Judged(
    {
      code: 'pattern',
      label: 'Bolt pattern',
      axle,
      value: match.deltaMm,
      ...NO_MARGIN,
      unit: 'mm',
      verdict: match.verdict,
    },
    rows,
  );
}

const sameCount = (wheel: SetupAxle['wheel'], carries: Partial<BoltPattern>): boolean =>
  wheel?.lugCount != null && wheel.lugCount === carries.lugCount;

function seatCheck(axle: AxleName, { seat, seatAssumed }: Hardware, { wheel }: SetupAxle): Check {
  const wanted = wheel?.seat ?? null;
  const known = seat !== null && wanted !== null;
  return new Judged(
    {
      code: 'seat',
      label: 'Seat',
      axle,
      value: null,
      ...NO_MARGIN,
      unit: '',
      verdict: known ? (seat === wanted ? 'ok' : 'fail') : 'unknown',
    },
    () => [
      `wheel ${wanted ? SEAT_NAMES[wanted] : 'not known'}; fastener ${seat ? SEAT_NAMES[seat] : 'not known'}${seatAssumed && seat ? ' (adapter nuts as the car has, assumed)' : ''}`,
      ...(known && seat !== wanted ? ['a nut or bolt must have the form of its seat: it works loose otherwise'] : []),
    ],
  );
}

/** Judged only where the brief would rather have none. */
function spacerCheck(axle: AxleName, { stack, wheel }: SetupAxle, terms: Terms, words: Words): Check[] {
  const rule = ruleInForce('spacers', terms);
  const stackMm = stackThicknessMm(stack ?? []);
  if (rule === 'accepted' || stackMm === 0) return [];
  return [
    new Judged(
      {
        code: 'spacers',
        label: 'Spacers, by the brief',
        axle,
        value: stackMm,
        ...NO_MARGIN,
        unit: 'mm',
        verdict: spacerVerdict(stackMm, rule),
      },
      () => [
        rule === 'never' ? 'the brief wants none' : 'the brief prefers a wheel of the right offset',
        ...(stackMm !== null && wheel?.offsetMm != null
          ? [
              `${offsetFigure(wheel.offsetMm)} − ${words.number(stackMm)} = ${offsetFigure(wheel.offsetMm - stackMm)} mm: a wheel of that offset stands the same without`,
            ]
          : []),
      ],
    ),
  ];
}

/** Judged only where somebody measured the wheel's lug hole. */
function lugHoleCheck(axle: AxleName, hardware: Hardware, { wheel }: SetupAxle, terms: Terms, words: Words): Check[] {
  if (wheel?.lugHoleMm == null) return [];
  const { adapter, hub } = hardware;
  const thread = threadOrNull(adapter?.thread ?? hub.fastener?.thread);
  const hole =
    thread && lugHoleFor(thread.diameterMm, wheel.lugHoleMm, wheel.seatDiameterMm ?? null, shopLimits(terms.house));
  return [
    new Judged(
      {
        code: 'lug-hole',
        label: 'Lug hole',
        axle,
        value: wheel.lugHoleMm,
        limit: hole?.neededMm ?? null,
        margin: hole && wheel.lugHoleMm - hole.neededMm,
        unit: 'mm',
        verdict: hole?.verdict ?? 'unknown',
      },
      () =>
        hole
          ? [
              `hole ${words.length(wheel.lugHoleMm!)}; ${thread.name} needs ${words.length(hole.neededMm)} (ISO 273, fine)`,
              ...(hole.openMm > 0 ? [`open out by ${words.length(hole.openMm)}`] : []),
              ...(hole.openMm > 0 && hole.seatLeftMm === null
                ? ['not known: the diameter of the seat, to see what is left of it']
                : []),
              ...(hole.openMm > 0 && hole.seatLeftMm !== null
                ? [`seat left ${words.length(hole.seatLeftMm)} all round`]
                : []),
            ]
          : ['not known: the thread'],
    ),
  ];
}

/** Bolts of two lengths on one car: a long one where a short one belongs bottoms, a short one does not hold. */
export function mixCheck(
  front: Fastening,
  rear: Fastening,
  fitted: { front: SetupAxle; rear: SetupAxle },
  words: Words,
): Check[] {
  const lengths = [front, rear].map(({ joints }, index) =>
    joints[0]!.kind === 'bolt'
      ? ([fitted.front, fitted.rear][index]!.fastener?.lengthMm ?? [front, rear][index]!.requiredLengthMm)
      : null,
  );
  const [one, other] = lengths;
  if (one == null || other == null || Math.abs(one - other) < 0.5) return [];
  return [
    new Judged(
      {
        code: 'bolt-lengths',
        label: 'Front and rear bolts',
        axle: null,
        value: Math.abs(one - other),
        ...NO_MARGIN,
        unit: 'mm',
        verdict: 'caution',
      },
      () => [`front ${words.length(one)}, rear ${words.length(other)}: mark them, they must not be mixed`],
    ),
  ];
}
