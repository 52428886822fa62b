import { diameterFigure, type Words } from '#core/units';
import { SHOP_LIMITS, type CenteringRule, type ShopLimits } from '#core/verdict';
import { sizeMm, type Centering, type CenteringInterface } from './interfaces';

/** What centers the wheel, in words with the figures in them. */
export function centeringLines({
  centring,
  rule,
  words,
  limits = SHOP_LIMITS,
}: {
  centring: Centering;
  rule: CenteringRule;
  words: Words;
  limits?: ShopLimits | undefined;
}): string[] {
  return [
    ...centring.interfaces.flatMap((one) => interfaceLines({ one, rule, words, limits })),
    ...centring.looseRings.map(
      ({ outerMm, innerMm }) =>
        `the ring ${diameterFigure(outerMm)} / ${diameterFigure(innerMm)} mm fits nowhere in the stack`,
    ),
    ...(centring.unmeasuredRings > 0 ? ['not known: a ring of the stack has no diameter'] : []),
    ...(centring.lipAssumed ? ["the spacer's lip is taken to have the hub's ⌀ (assumed)"] : []),
  ];
}

function interfaceLines({
  one,
  rule,
  words,
  limits,
}: {
  one: CenteringInterface;
  rule: CenteringRule;
  words: Words;
  limits: ShopLimits;
}): string[] {
  const { between, boreMm, hubMm, ring, state, reachMm } = one;
  if (state === 'not-flush')
    return [
      `${between}: not flush, by the dry fit: a feeler goes in at the face`,
      'find what holds it off (lip, bore edge, rust, rotor screw) before torquing',
    ];
  if (boreMm === null || hubMm === null) return [`${between}: not known: both diameters are needed`];
  const play = `${diameterFigure(boreMm)} − ${diameterFigure(hubMm)} = ${diameterFigure(boreMm - hubMm)}`;
  const gap = `${between}: bore ${play} mm`;
  const left =
    reachMm !== null && reachMm > 0 && reachMm < limits.lipLeftMm
      ? [`only ${words.length(reachMm)} of lip carries it, ${words.length(limits.lipLeftMm)} needed`]
      : [];
  switch (state) {
    case 'hub-centric':
      return [
        `${gap}, hub-centric (one nominal size up to ${diameterFigure(sizeMm(limits))} mm)`,
        ...lookLines(one),
        ...left,
      ];
    case 'ring':
      return [
        `${gap}, filled by the ring ${diameterFigure(ring!.outerMm)} / ${diameterFigure(ring!.innerMm)} mm`,
        ...left,
      ];
    case 'ring-needed':
      return [
        `${gap}: order a ring ${diameterFigure(ring!.outerMm)} / ${diameterFigure(ring!.innerMm)} mm`,
        rule === 'nuts' ? 'lug-centric until then (brief)' : 'hub-centric is required: do not drive without it',
        ...left,
      ];
    case 'too-small':
      return [`${gap}: does not go on; machine the bore to ${diameterFigure(hubMm)} mm`];
    case 'no-lip':
      return [
        `${between}: the lip ends ${words.length(-reachMm!)} short of it: not hub-centric`,
        rule === 'nuts' ? 'lug-centric (brief)' : 'use a spacer with its own lip, or a thinner one',
      ];
    case 'gap':
      return [
        `${gap}, but the lip reaches ${words.length(reachMm ?? 0)} in and the bore does not clear it: a gap` +
          ' stays at the pad',
        'chamfer or machine it, or prove by a dry fit that it seats flush',
      ];
    case 'unknown':
      if (one.look === 'bore-edge') return [`${gap}; conical lip: is the edge of the bore chamfered? not known`];
      return [`${gap}; lip height or spacer thickness is not known`];
  }
}

/** What to look at though the diameters fit. */
function lookLines({ look }: CenteringInterface): string[] {
  if (look === 'read-both')
    return ['the bore measures smaller than the hub: measure both again before pressing the wheel on'];
  return look === 'chamfer' ? ['the lip is chamfered and the bore may be square: try it dry, flush all around'] : [];
}
