import { centeringOf, type Centering } from '#core/centering';
import { fasteningOf, type Fastening, type Seat } from '#core/fastener';
import { matchPattern, patternOf, type BoltPattern, type Hub } from '#core/hub';
import { ruleInForce, type SetupAxle, type StackPart, type Terms } from '#core/job';
import { shopLimits, type Verdict } from '#core/verdict';
import { hubPatternOf, type HubPattern } from './hubPattern';

/** How a candidate sits on the hub: pattern, centering, fasteners, seat. */
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
  const carries = adapter ? { ...hubPattern.pattern, ...turnedTo(adapter) } : hubPattern.pattern;
  const fastener = hub.fastener ?? {};
  return {
    hub,
    hubPattern,
    carries,
    adapter,
    match: matchPattern(patternOf(candidate.wheel), carries, ruleInForce('nearPatterns', terms)),
    centring: centeringOf({ hub, candidate, rule: ruleInForce('centring', terms), limits }),
    fastening: fasteningOf(fastener, candidate, limits),
    seat: candidate.fastener?.seat ?? adapter?.seat ?? fastener.seat ?? null,
    seatAssumed: adapter !== null && adapter.seat === undefined && candidate.fastener?.seat === undefined,
  };
}

/** The pattern an adapter turns the hub's into. */
const turnedTo = ({ toLugCount, toBoltCircleMm }: StackPart): Partial<BoltPattern> =>
  patternOf({ lugCount: toLugCount, boltCircleMm: toBoltCircleMm });
