import type { CenteringInterface } from '#core/centering';
import { POCKET_SPARE_MM } from '#core/fastener';
import type { Words } from '#core/units';
import { cornerRule, type CornerCase, type Made } from '../case';

/** No feeler of this goes under a face that is flush, mm (common practice, no source). */
const FLUSH_MM = 0.05;

const reach = ({ reachMm }: CenteringInterface, words: Words): string =>
  reachMm === null
    ? 'How far the lip reaches in is not known.'
    : `The lip reaches ${words.length(Math.max(0, reachMm))} into it.`;

/** What to look at besides, though it fits. */
const LOOK = {
  'read-both': ' The bore reads under its spigot: read both again before it is forced.',
  chamfer: ' The lip has a chamfer: a square bore may stand off on it.',
  'bore-edge': ' A conical lip may meet the edge of the bore before the face seats.',
} as const;

/** Every face of the stack tried dry, from the hub outward. */
export const faces = cornerRule('flush', 'Dry fit', ({ figures: { centring }, words }) =>
  centring.interfaces.map((face): Made => {
    const [below, part] = face.between.split(' to ') as [string, string];
    return {
      id: `${part}-flush-${below}`,
      text: `Dry fit: ${part} on ${below}, flush all round. No ${FLUSH_MM} mm feeler goes under it.`,
      because: reach(face, words) + (face.look ? LOOK[face.look] : ''),
    };
  }),
);

export const rings = cornerRule('ring', 'Hub ring in', ({ figures: { centring }, candidate: { stack = [] } }) =>
  centring.interfaces.flatMap(({ between, ring }) => {
    if (!ring) return [];
    const isThere = stack.some(({ outerMm, innerMm }) => outerMm === ring.outerMm && innerMm === ring.innerMm);
    return [
      {
        of: between.replaceAll(' ', '-'),
        text:
          `Hub ring ${ring.outerMm}–${ring.innerMm} mm between ${between.replace(' to ', ' and ')}:` +
          ' in by hand, square, to its stop.',
        because: isThere
          ? 'It centers the wheel while the nuts are tightened.'
          : 'The bore is larger than what it goes on, and the setup has no such ring yet: order it.',
      },
    ];
  }),
);

/** Studs that stick out of an adapter, and the pockets they need. */
export const pockets = cornerRule(
  'stud-pockets',
  'Studs tried in their pockets',
  ({ figures: { fastening }, candidate, words }) => {
    const { studProudMm: proud, trimMm, thinnestAdapterMm } = fastening;
    if (proud === null || proud <= 0) return [];
    const deep = candidate.wheel?.pocketDepthMm ?? null;
    const ways = [
      trimMm !== null && trimMm > 0
        ? `trim ${words.length(trimMm)} (run a nut on first: taking it off restores the thread)`
        : null,
      thinnestAdapterMm !== null ? `or an adapter of ${words.length(thinnestAdapterMm)}` : null,
    ].filter(Boolean);
    const takes = deep !== null && deep >= proud + POCKET_SPARE_MM;
    return [
      {
        text: takes
          ? 'Hold the wheel against the adapter: every stud in its pocket, the pad flush.'
          : 'Hold the wheel against the adapter: do the studs find pockets?' +
            ` If not: ${ways.join(', ') || 'another one'}.`,
        because:
          `The car’s studs stick out ${words.length(proud)} past the adapter;` +
          ` the pockets are ${deep === null ? 'not measured' : `${words.length(deep)} deep`}.`,
      },
    ];
  },
);

export const cap = cornerRule('center-cap', 'Center cap tried', ({ figures: { centring } }) =>
  centring.cap === 'fouled' || centring.cap === 'look'
    ? [
        {
          text: 'Try the center cap with the wheel held on.',
          because:
            centring.cap === 'fouled' ? 'Lip or ring reach as far as the cap.' : 'Lip or ring may reach the cap.',
        },
      ]
    : [],
);

export const film = cornerRule('anti-seize', 'Anti-seize on mating faces', ({ pieces, job }: CornerCase) =>
  job.house?.fitUp?.antiSeize === 'none'
    ? []
    : [
        {
          text: 'A thin film of anti-seize on the mating faces. None on threads, none on the lug seats.',
          because:
            pieces.length > 0
              ? 'Aluminum on steel seizes; grease on a thread or seat turns a right torque into too much tension.'
              : 'Unlike metals seize; grease on a thread or seat turns a right torque into too much tension.',
        },
      ],
);
