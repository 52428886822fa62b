import type { BodyWork } from '#core/remedy';
import type { Prices } from '#core/job';
import type { SuspensionChangeKind } from '#core/suspension';
import type {
  CoverRule,
  ShopLimitKey,
  RubRule,
  WinterRule,
  CenteringRule,
  NearPatternRule,
  SpacerRule,
  PoseRule,
} from '#core/verdict';

interface LimitWords {
  label: string;
  meaning: string;
  /** Percent or thread diameters, where it is no length; mm where a rule is too coarse for it, as bores are named. */
  unit?: '± %' | '%' | '× d' | 'mm';
}

/** What the limits are called and mean. */
export const LIMIT_WORDS: Record<ShopLimitKey, LimitWords> = {
  inboardMm: {
    label: 'Inner clearance, at rest',
    meaning: 'innermost place of tire or rim to the nearest part, parts that move with the wheel included',
  },
  fullLockMm: { label: 'Parts of the body', meaning: 'over all steering and travel, full lock included' },
  fenderAtBumpMm: { label: 'Fender lip at bump', meaning: 'over all steering and travel' },
  archMm: { label: 'Fender clearance, at rest', meaning: 'top of the tread to the fender lip; bump travel uses it up' },
  rubMm: { label: 'Accepted rub', meaning: 'how far a part may be overlapped, where a rub is accepted' },
  brakeSpokeMm: { label: 'Brake to spokes', meaning: 'in the half section, behind the whole stack' },
  brakeBarrelMm: { label: 'Brake to barrel', meaning: 'and to the balance weights on it' },
  diameterPct: {
    label: 'Diameter against now',
    meaning: 'either way; it changes speedometer, gearing and ride height',
    unit: '± %',
  },
  axleMatchPct: {
    label: 'Front against rear diameter',
    meaning: 'where both axles are driven; care begins at half of it',
    unit: '± %',
  },
  contactPct: {
    label: 'Chance of contact',
    meaning: 'highest at which a clearance still counts as clear, by how exactly everything was measured',
    unit: '%',
  },
  dualGapMm: { label: 'Between dual tires', meaning: "where the maker's figure is not known" },
  boreMm: { label: 'Bore clearance', meaning: 'most that still counts as hub-centric', unit: 'mm' },
  lipLeftMm: { label: 'Lip length carrying the wheel', meaning: 'least length of it' },
  engagementRatio: { label: 'Thread engagement', meaning: 'least, in thread diameters', unit: '× d' },
  lugHoleOpenMm: { label: 'Lug hole opened out', meaning: 'most, in diameter' },
  seatBandMm: { label: 'Seat left around a lug hole', meaning: 'least, all around' },
  ligamentMm: { label: 'Between two holes', meaning: 'least material left when redrilling' },
  edgeMm: { label: 'Between hole and edge', meaning: 'least material left when redrilling' },
};

export const RUB_RULES: readonly (readonly [RubRule, string])[] = [
  ['none', 'no rub at all'],
  ['plastic', 'plastic only'],
  ['full-lock', 'at full lock only'],
];
export const COVER_RULES: readonly (readonly [CoverRule, string])[] = [
  ['none', 'not asked for'],
  ['eu-1009-2010', 'full width, 30° ahead to 50° behind'],
];
export const WINTER_RULES: readonly (readonly [WinterRule, string])[] = [
  ['none', 'no chains'],
  ['S', 'class S: 37 mm tread, 15 mm side'],
  ['U', 'class U: 50 mm tread, 23 mm side'],
  ['W', 'class W: 64 mm tread, 38 mm side'],
];
export const POSE_RULES: readonly (readonly [PoseRule, string])[] = [
  ['all', 'every pose'],
  ['road', 'no full lock past 60 % droop'],
];
export const CENTERING_RULES: readonly (readonly [CenteringRule, string])[] = [
  ['required', 'hub-centric required'],
  ['nuts', 'lug-centric allowed'],
];
export const NEAR_RULES: readonly (readonly [NearPatternRule, string])[] = [
  ['care', 'allowed, with care'],
  ['refuse', 'refused'],
];
export const SPACER_RULES: readonly (readonly [SpacerRule, string])[] = [
  ['accepted', 'accepted'],
  ['prefer-offset', 'prefer a wheel of the right offset'],
  ['never', 'never'],
];
export const WORK_NAMES: Record<BodyWork, { label: string; meaning: string }> = {
  heat: { label: 'Heat and push', meaning: 'liners and bumper corners, a few mm' },
  move: { label: 'Move clips and brackets', meaning: 'liners, flaps, brake hoses' },
  remove: { label: 'Take parts off', meaning: 'parts held by clips or screws: flaps, guards, brackets' },
  trimPlastic: { label: 'Trim plastic', meaning: 'liners and bumper corners' },
  trimFlap: { label: 'Trim mud flaps', meaning: 'where the code does not require them' },
  fold: { label: 'Fold lips and seams', meaning: 'fender lips and pinch seams' },
  cut: { label: 'Cut metal', meaning: 'structural cuts go to a qualified body shop' },
};
export const LIFT_KINDS: readonly (readonly [SuspensionChangeKind, string])[] = [
  ['spring', 'at the spring'],
  ['strut-top', 'strut spacer'],
  ['body', 'body lift'],
];
export const PRICE_NAMES: Record<Exclude<keyof Prices, 'currency'>, string> = {
  labourPerHour: 'Labor per hour',
  spacerEach: 'Spacer, each',
  liftKitAxle: 'Lift, parts for an axle',
  alignment: 'Wheel alignment',
  adapterEach: 'Adapter, each',
  fastenerSetAxle: 'Wobble set, an axle',
  redrillWheelEach: 'Redrilling, a wheel',
  redrillHubEach: 'Redrilling, a hub',
  ringEach: 'Hub ring, each',
  sensorEach: 'Pressure sensor, each',
  mountBalanceEach: 'Mounting and balancing, a wheel',
  disposalEach: 'Disposing of an old tire',
  shipping: 'Shipping, an order',
  taxPct: 'Tax on the sum',
  hubSwapEach: 'Other hub, each',
};

/** Where a limit or a rule comes from that a brief leaves open. */
export const ORIGIN_NAMES = { house: 'shop default', usual: 'usual' } as const;
