import type { LimitKey, RubRule } from '#core/verdict';

/** What a part is that a wheel may near. */
export const PART_KINDS = [
  'fender-lip',
  'liner',
  'seam',
  'bumper-corner',
  'body-mount',
  'mud-flap',
  'tank',
  'frame',
  'strut',
  'spring-seat',
  'tie-rod-end',
  'ball-joint',
  'arm',
  'brake-hose',
] as const;
export type ObstacleKind = (typeof PART_KINDS)[number];

/**
 * What a part moves with: `body` stands still, `knuckle` turns and travels with the wheel, `arm` travels with the wheel
 * and does not steer.
 */
export const MOUNTS = ['body', 'knuckle', 'arm'] as const;
export type Mount = (typeof MOUNTS)[number];

interface Usual {
  mount: Mount;
  limit: LimitKey;
}

const onBody: Usual = { mount: 'body', limit: 'fullLockMm' };
const onKnuckle: Usual = { mount: 'knuckle', limit: 'inboardMm' };

/** What each kind usually moves with, and which limit it is held to (common practice, no source). */
export const OBSTACLE_KINDS: Record<ObstacleKind, Usual> = {
  'fender-lip': { mount: 'body', limit: 'fenderAtBumpMm' },
  liner: onBody,
  seam: onBody,
  'bumper-corner': onBody,
  'body-mount': onBody,
  'mud-flap': onBody,
  tank: onBody,
  frame: onBody,
  strut: onKnuckle,
  'spring-seat': onKnuckle,
  'tie-rod-end': onKnuckle,
  'ball-joint': onKnuckle,
  arm: { mount: 'arm', limit: 'inboardMm' },
  'brake-hose': onKnuckle,
};

/** What a part moves with: as it was said, as its kind usually does, or with the body. */
export const mountOf = ({ mount, kind }: { mount?: Mount | undefined; kind?: ObstacleKind | undefined }): Mount =>
  mount ?? (kind ? OBSTACLE_KINDS[kind].mount : 'body');

/** The limit a part is held to: by its kind, else by what it moves with. */
export const limitKeyOf = (part: { mount?: Mount | undefined; kind?: ObstacleKind | undefined }): LimitKey =>
  part.kind ? OBSTACLE_KINDS[part.kind].limit : mountOf(part) === 'body' ? 'fullLockMm' : 'inboardMm';

/**
 * Plastic that a tire may brush against, and what else of the body a tire may meet without being cut (common practice,
 * no source).
 */
const PLASTIC: ReadonlySet<ObstacleKind> = new Set(['liner', 'mud-flap', 'bumper-corner']);
const BLUNT: ReadonlySet<ObstacleKind> = new Set([...PLASTIC, 'body-mount', 'frame']);

/**
 * Whether a rub of a part is accepted: plastic where plastic may be rubbed; at full lock also blunt parts of body and
 * frame. Edges, tanks, hoses and what moves with the wheel never; nor a part of which nobody said what it is.
 */
export const mayRub = ({ kind }: { kind?: ObstacleKind | undefined }, rule: RubRule): boolean =>
  kind !== undefined && rule !== 'none' && (rule === 'plastic' ? PLASTIC : BLUNT).has(kind);
