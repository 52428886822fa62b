import type { Check, CheckName } from '#core/evaluate';
import type { AxleName } from '#core/job';
import { axleOf, type PlainCase } from './plainCase';

type Said = string | ((check: Check, one: PlainCase) => string);

/** What the verdicts of a check mean, for somebody who does not work on cars. */
interface PlainCheck {
  /** What is near, where it is a clearance around the wheel: `the brakes`. */
  place?: Said;
  caution: Said;
  fail: Said;
  unknown: Said;
}

/** The name of a part in the middle of a sentence; that nobody measured it is no matter of a customer's. */
const partName = ({ label }: Check): string =>
  `the ${label.slice(0, 1).toLowerCase()}${label.slice(1)}`.replace(' (assumed)', '');

/** Below these a part is met straight ahead, at rest, degrees and mm. */
const STRAIGHT = { deg: 5, mm: 15 };

/** When a part is nearest, in a word; empty where that makes no difference. */
function whenText({ code, axle }: Check, one: PlainCase): string {
  const part = axleOf(one, axle)?.obstacles.find(({ id }) => code === `obstacle:${id}`);
  if (!part || part.mount !== 'body') return '';
  const isSteered = Math.abs(part.steerDeg ?? 0) > STRAIGHT.deg;
  const travel = part.travelMm ?? 0;
  const moved = travel > STRAIGHT.mm ? ' over bumps' : travel < -STRAIGHT.mm ? ' as the wheel drops' : '';
  return `${isSteered ? ' when steered' : ''}${moved}`;
}

/** A clearance: how near it comes, or that it touches. */
const clearance = (place: Said, unread = 'not measured yet'): PlainCheck => {
  const at = (check: Check, one: PlainCase) => said(place, check, one);
  return {
    place,
    caution: (check, one) =>
      check.value !== null && check.value > 0 && !one.words.isNone(check.value)
        ? `comes within ${one.words.length(check.value)} of ${at(check, one)}${whenText(check, one)}`
        : `may touch ${at(check, one)}${whenText(check, one)}`,
    fail: (check, one) => `touches ${at(check, one)}${whenText(check, one)}`,
    unknown: (check, one) => `room to ${at(check, one)}: ${unread}`,
  };
};

const same = (text: string): Pick<PlainCheck, 'caution' | 'fail'> => ({ caution: text, fail: text });

/** What every check comes to in plain words; a check that is new does not compile until it has its own. */
const PLAIN_CHECKS: Record<CheckName, PlainCheck> = {
  fender: {
    caution: 'sits further in than was asked for',
    fail: ({ value }, { words }) =>
      value !== null && value > 0 && !words.isNone(value)
        ? `stands out ${words.length(value)} past the fender, more than was asked for`
        : 'sits further out than was asked for',
    unknown: 'how it sits in the fender: not measured yet',
  },
  inboard: clearance('what is beside the wheel on its inside'),
  arch: clearance('the fender above the tire'),
  'rim-width': {
    ...same('the wheel is not of a width that this tire is made for'),
    unknown: 'whether tire and wheel are of one width: not known yet',
  },
  'rim-diameter': {
    ...same('this tire does not go on this wheel'),
    unknown: 'whether this tire goes on this wheel: not known yet',
  },
  diameter: {
    ...same('the tire differs in height from what is on the car now by more than was asked for'),
    unknown: 'how much taller or shorter the tire is than now: not known yet',
  },
  backspacing: {
    ...same('the wheel reaches further in than the maker of the lift kit allows'),
    unknown: 'how far in the wheel reaches: not known yet',
  },
  obstacle: clearance(partName),
  coverage: {
    ...same('the fender covers less of the tire than the rules ask for'),
    unknown: 'how far the fender covers the tire: not measured yet',
  },
  'brake-spoke': clearance('the brakes', 'the wheel is to be tried on'),
  'brake-barrel': clearance('the brakes', 'the wheel is to be tried on'),
  'brake-weight': clearance('the balance weights over the brakes', 'the wheel is to be tried on'),
  dual: clearance('the tire beside it'),
  load: {
    ...same('the tires carry less than this axle needs'),
    unknown: 'what the tires carry: not known yet',
  },
  'wheel-rating': {
    ...same('the wheels carry less than this axle needs'),
    unknown: 'what the wheels carry: not known yet',
  },
  'speed-rating': {
    ...same('the tires are made for less than the top speed of the car'),
    unknown: 'the speed the tires are made for: not known yet',
  },
  pattern: {
    caution: 'the bolt holes are not quite those of the car',
    fail: 'the bolt holes are not those of the car',
    unknown: 'whether the bolt holes are those of the car: not known yet',
  },
  centring: {
    caution: 'the wheel needs a fitting ring to sit centered',
    fail: 'the wheel does not sit centered on the hub',
    unknown: 'whether the wheel sits centered: not known yet',
  },
  'center-cap': {
    ...same('the center cap does not go in'),
    unknown: 'whether the center cap goes in: not known yet',
  },
  fastening: {
    caution: 'the bolts or nuts hold by little more than they must',
    fail: 'the bolts or nuts do not reach far enough to hold',
    unknown: 'whether the bolts or nuts are long enough: not known yet',
  },
  seat: {
    ...same('these bolts or nuts do not suit the wheel'),
    unknown: 'whether bolts or nuts suit the wheel: not known yet',
  },
  'lug-hole': {
    ...same('the bolt holes of the wheel are too small'),
    unknown: 'whether the bolt holes are large enough: not known yet',
  },
  spacers: {
    caution: 'it takes spacers; a wheel made for this place needs none',
    fail: 'it takes spacers, which were not wanted',
    unknown: 'how thick its spacers are: not known yet',
  },
  'axle-match': {
    ...same('front and rear tires differ in height by more than the car may like'),
    unknown: 'whether front and rear tires match in height: not known yet',
  },
  speedometer: {
    caution: 'the speedometer is to be checked',
    fail: ({ value }, { words }) =>
      value === null
        ? 'the speedometer shows too little or too much: it must be set anew'
        : `the speedometer must be set anew: at ${words.speed(100)} shown the car runs ${words.speed(value)}`,
    unknown: 'what the speedometer shows: not known yet',
  },
  spare: {
    caution: 'the spare can be used with care only: ask us how',
    fail: 'the spare no longer serves',
    unknown: 'what serves as a spare: not known yet',
  },
  tpms: {
    caution: 'the tire-pressure warning light stays on',
    fail: 'the tire-pressure sensors do not suit the car',
    unknown: 'whether the tire-pressure sensors suit the car: not known yet',
  },
  'bolt-lengths': {
    ...same('front and rear bolts are of two words: they must not be mixed'),
    unknown: 'how long front and rear bolts are: not known yet',
  },
};

const plainOf = ({ code }: Check): PlainCheck =>
  PLAIN_CHECKS[(code.startsWith('obstacle:') ? 'obstacle' : code) as CheckName];

const said = (of: Said, check: Check, one: PlainCase): string => (typeof of === 'string' ? of : of(check, one));

/** What a check that is not met comes to. */
export const plainText = (check: Check, verdict: 'caution' | 'fail' | 'unknown', one: PlainCase): string =>
  said(plainOf(check)[verdict], check, one);

/** What is near at a clearance around the wheel; null for everything else. */
export function placeText(check: Check, one: PlainCase): string | null {
  const { place } = plainOf(check);
  return place === undefined ? null : said(place, check, one);
}

/** The clearance of an axle that has least left over its limit; null while none is known. */
export function tightest(one: PlainCase, axle: AxleName): Check | null {
  const known = one.report[axle].checks.filter(
    (check) => plainOf(check).place !== undefined && check.value !== null && check.margin !== null,
  );
  return known.sort((a, b) => a.margin! - b.margin!)[0] ?? null;
}

/** How sure a clearance is, by its chance of contact. */
export function howSure({ touchProbability: touch }: Check): string | null {
  if (touch === null) return null;
  if (touch <= 0.025) return 'sure to clear';
  if (touch <= 0.1) return 'very likely to clear';
  if (touch <= 0.34) return 'likely to clear';
  return touch < 0.66 ? 'may touch' : 'likely to touch';
}
