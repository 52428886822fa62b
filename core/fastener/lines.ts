import { formatNumber, type Words } from '#core/units';
import type { Fastening, Joint } from './fastening';

const NAMES = { stud: 'stud', bolt: 'bolt' } as const;

/** What holds the wheel, in words with the figures in them. */
export function fasteningLines(fastening: Fastening, words: Words): string[] {
  const { studProudMm: proud, trimMm, thinnestAdapterMm: thinnest, requiredLengthMm: required } = fastening;
  const standard = fastening.standardLengthMm;
  const short = fastening.joints[0]!.verdict === 'fail';
  const bolt = fastening.joints[0]!.kind === 'bolt';
  return [
    ...fastening.joints.flatMap((joint) => jointLines(joint, words)),
    ...(fastening.threadsDiffer ? ['the thread of nuts or bolts differs from what they go on'] : []),
    ...(required !== null && (short || bolt)
      ? [
          `needed: ${words.length(required)}; ` +
            (standard === null
              ? 'no standard length is long enough'
              : `next standard length ${words.length(standard)}`),
        ]
      : []),
    ...(proud !== null && proud > 0
      ? [
          `the car's studs stick out ${words.length(proud)} past the adapter: pockets of` +
            ` ${words.length(proud + 1)} needed`,
          ...(trimMm === null ? [] : [`or trim ${words.length(trimMm)} off the studs: the adapter still holds`]),
          ...(thinnest === null ? [] : [`or an adapter of ${words.length(thinnest)} or more`]),
        ]
      : []),
  ];
}

function jointLines(joint: Joint, words: Words): string[] {
  const { kind, lengthMm, throughMm, seatMm, engagementMm, turns, limitMm, nut } = joint;
  const tooLongMm = nut === 'bottoms' ? 0 : joint.tooLongMm;
  const name = `${joint.in === 'adapter' ? "adapter's own " : ''}${NAMES[kind]}`;
  if (engagementMm === null) {
    if (joint.in === 'adapter' && lengthMm === null)
      return ['adapter studs: length not known, assumed as made for the wheel'];
    const missing = [
      lengthMm === null && `${name} length`,
      throughMm === null && 'spacer thickness',
      seatMm === null && 'thickness under the lug seat',
    ].filter(Boolean);
    return [`not known: ${missing.length > 0 ? missing.join(' and ') : 'stud or bolt'}`];
  }
  const under = throughMm === 0 ? '' : ` − stack ${words.figure(throughMm!)}`;
  return [
    `${name} ${words.figure(lengthMm!)}${under} − under the lug seat ${words.figure(seatMm!)} =` +
      ` ${words.length(engagementMm + tooLongMm)}`,
    ...(tooLongMm > 0
      ? [`${words.length(tooLongMm)} longer than the hub's thread is deep: it bottoms out or hits what is behind`]
      : []),
    ...nutLines(joint, words),
    limitMm === null
      ? 'not known: the thread'
      : 'limit 1 thread diameter =' +
        ` ${words.length(limitMm)}${turns === null ? '' : `; ${formatNumber(turns, 1)} turns of ${joint.thread}`}`,
  ];
}

/** What a nut does with a stud of that length. */
function nutLines({ nut, tooLongMm }: Joint, words: Words): string[] {
  switch (nut) {
    case 'bottoms':
      return [
        `the stud meets the end of the closed nut ${words.length(tooLongMm)} before it clamps: use open nuts, or` +
          ' shorter studs',
      ];
    case 'depth-unknown':
      return ['not known: how deep the thread of the closed nut is'];
    case 'form-unknown':
      return ['this much thread bottoms out in a closed nut before it clamps: enter open or closed nuts'];
    case null:
      return [];
  }
}
