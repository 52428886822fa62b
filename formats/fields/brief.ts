import { ANTI_SEIZE, THREADLOCK, type FitUpTerms, type OwnError, type OwnErrors } from '#core/fitting';
import type { Brief, FaceRange, FindTerms, Shop, ShopDefaults } from '#core/job';
import { SUSPENSION_CHANGE_KINDS } from '#core/suspension';
import { RULE_CHOICES, type BriefLimits, type ShopLimitKey } from '#core/verdict';
import { BACKSPACING_CONVENTIONS } from '#core/wheel';
import { choice, figure, flag, group, list, text, type FieldsOf } from './field';

/** Limits of the shop. */
export const SHOP_LIMIT_FIELDS = {
  inboardMm: figure('inner clearance limit', 'limitMm'),
  archMm: figure('fender clearance limit', 'limitMm'),
  fullLockMm: figure('full lock limit', 'limitMm'),
  fenderAtBumpMm: figure('fender limit at bump', 'limitMm'),
  diameterPct: figure('diameter limit', 'diameterPct'),
  contactPct: figure('chance of contact', 'contactPct'),
  rubMm: figure('accepted rub', 'limitMm'),
  brakeSpokeMm: figure('limit, brake to spokes', 'limitMm'),
  brakeBarrelMm: figure('limit, brake to barrel', 'limitMm'),
  axleMatchPct: figure('front against rear limit', 'axleMatchPct'),
  dualGapMm: figure('gap between dual tires', 'limitMm'),
  boreMm: figure('bore clearance', 'limitMm'),
  lipLeftMm: figure('lip that carries the wheel', 'limitMm'),
  engagementRatio: figure('thread engagement', 'engagementRatio'),
  lugHoleOpenMm: figure('lug hole opened out', 'limitMm'),
  seatBandMm: figure('seat left around a lug hole', 'limitMm'),
  ligamentMm: figure('material between two holes', 'limitMm'),
  edgeMm: figure('material between hole and edge', 'limitMm'),
} as const satisfies FieldsOf<Record<ShopLimitKey, number>>;

/** Those that a brief may set for one job. */
const BRIEF_LIMIT_FIELDS = {
  inboardMm: SHOP_LIMIT_FIELDS.inboardMm,
  fullLockMm: SHOP_LIMIT_FIELDS.fullLockMm,
  fenderAtBumpMm: SHOP_LIMIT_FIELDS.fenderAtBumpMm,
  archMm: SHOP_LIMIT_FIELDS.archMm,
  diameterPct: SHOP_LIMIT_FIELDS.diameterPct,
  axleMatchPct: SHOP_LIMIT_FIELDS.axleMatchPct,
  brakeSpokeMm: SHOP_LIMIT_FIELDS.brakeSpokeMm,
  brakeBarrelMm: SHOP_LIMIT_FIELDS.brakeBarrelMm,
  rubMm: SHOP_LIMIT_FIELDS.rubMm,
} as const satisfies FieldsOf<BriefLimits>;

const RULES = {
  centring: choice('centering rule', RULE_CHOICES.centring),
  nearPatterns: choice('near patterns', RULE_CHOICES.nearPatterns),
  spacers: choice('spacers', RULE_CHOICES.spacers),
  rub: choice('rub', RULE_CHOICES.rub),
  cover: choice('cover by the fender', RULE_CHOICES.cover),
  winter: choice('winter traction', RULE_CHOICES.winter),
  poses: choice('steer and travel that count', RULE_CHOICES.poses),
} as const satisfies FieldsOf<NonNullable<Brief['rules']>>;

const REMEDIES = {
  heat: flag('heating and pushing'),
  move: flag('moving a clip or bracket'),
  remove: flag('taking parts off'),
  trimPlastic: flag('trimming plastic'),
  trimFlap: flag('trimming a flap'),
  fold: flag('folding a seam or lip'),
  cut: flag('cutting metal'),
  lift: group('lift', {
    kind: choice('kind', SUSPENSION_CHANGE_KINDS),
    mostMm: figure('most', 'liftMm'),
  }),
} as const satisfies FieldsOf<NonNullable<Brief['remedies']>>;

const PRICES = {
  currency: text('currency', 8),
  adapterEach: figure('price of an adapter', 'price'),
  fastenerSetAxle: figure('price of a wobble set', 'price'),
  redrillWheelEach: figure('price of redrilling a wheel', 'price'),
  redrillHubEach: figure('price of redrilling a hub', 'price'),
  hubSwapEach: figure('price of another hub', 'price'),
  labourPerHour: figure('labor per hour', 'price'),
  spacerEach: figure('price of a spacer', 'price'),
  liftKitAxle: figure('price of a lift kit', 'price'),
  alignment: figure('price of an alignment', 'price'),
  ringEach: figure('price of a hub ring', 'price'),
  sensorEach: figure('price of a pressure sensor', 'price'),
  mountBalanceEach: figure('price of mounting and balancing a wheel', 'price'),
  disposalEach: figure('price of disposing of a tire', 'price'),
  shipping: figure('shipping', 'price'),
  taxPct: figure('tax', 'taxPct'),
} as const satisfies FieldsOf<NonNullable<Brief['prices']>>;

const FIT_UP = {
  retorqueDays: figure('retorque after, days', 'retorqueDays'),
  retorqueKm: figure('retorque after, km', 'retorqueKm'),
  antiSeize: choice('anti-seize', ANTI_SEIZE),
  threadlock: choice('threadlock', THREADLOCK),
} as const satisfies FieldsOf<FitUpTerms>;

const OWN_ERROR = group("the shop's own error", {
  scale: figure('what ± is multiplied by', 'errorScale', { needed: true }),
  biasMm: figure('measured less predicted', 'errorMm', { needed: true }),
  fittings: figure('finished fittings', 'fittings', { whole: true, needed: true }),
} as const satisfies FieldsOf<OwnError>);

const OWN_ERRORS = {
  poke: OWN_ERROR,
  inboard: OWN_ERROR,
  arch: OWN_ERROR,
  obstacle: OWN_ERROR,
  brake: OWN_ERROR,
  speed: OWN_ERROR,
} as const satisfies FieldsOf<OwnErrors>;

const FIND = {
  target: figure('nearness to the poke target', 'weight'),
  room: figure('room left', 'weight'),
  cost: figure('cost', 'weight'),
  mass: figure('weight of a corner', 'weight'),
} as const satisfies FieldsOf<FindTerms>;

const ENDS = {
  min: figure('target, inner end', 'pokeMm'),
  max: figure('target, outer end', 'pokeMm'),
} as const satisfies FieldsOf<FaceRange>;

/** What is asked for. */
export const BRIEF = {
  pokeMm: group('poke target', { ...ENDS, front: group('front axle', ENDS), rear: group('rear axle', ENDS) }),
  limits: group('limits', BRIEF_LIMIT_FIELDS),
  requiredBackspacingMm: figure('required backspacing', 'backspacingMm'),
  requiredBackspacingConvention: choice('convention of the required backspacing', BACKSPACING_CONVENTIONS),
  rules: group('shop rules', RULES),
  remedies: group('modifications', REMEDIES),
  budget: figure('budget', 'price'),
  sweep: group('allowances of the sweep', {
    growth: flag('growth in service'),
    bulgeMm: figure('bulge under load', 'bulgeMm'),
  }),
  speedsKmh: list('speeds to check'),
  prices: group('prices', PRICES),
  find: group('what ranks finds', FIND),
  notes: text('notes', 4000),
} as const satisfies FieldsOf<Brief>;

/** Who the shop is. */
const SHOP = {
  name: text('name of the shop', 80),
  contact: text('address and contact', 160),
} as const satisfies FieldsOf<Shop>;

/** The shop's own limits, rules and prices. */
export const SHOP_DEFAULTS = {
  shop: group('the shop', SHOP),
  limits: group('limits', SHOP_LIMIT_FIELDS),
  rules: group('shop rules', RULES),
  remedies: group('modifications', REMEDIES),
  prices: group('prices', PRICES),
  fitUp: group('fit-up', FIT_UP),
  ownError: group("the shop's own error", OWN_ERRORS),
} as const satisfies FieldsOf<ShopDefaults>;
