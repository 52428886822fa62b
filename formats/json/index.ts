/** No job, and no command, is nested deeper than this. */
const MOST_DEEP = 40;
/** No part of a job has more fields than this. */
const MOST_FIELDS = 400;

/**
 * Whether a JSON text is nested too deep for what walks through it, told without walking: brackets outside of texts are
 * counted. Null where it is not.
 */
export function depthFault(text: string): string | null {
  let deep = 0;
  for (let at = 0; at < text.length; at++) {
    switch (text.charCodeAt(at)) {
      case 0x22: // "
        for (at += 1; at < text.length && text.charCodeAt(at) !== 0x22; at++) if (text.charCodeAt(at) === 0x5c) at += 1;
        break;
      case 0x5b: // [
      case 0x7b: // {
        deep += 1;
        if (deep > MOST_DEEP) return `is nested deeper than ${MOST_DEEP} brackets`;
        break;
      case 0x5d: // ]
      case 0x7d: // }
        deep -= 1;
    }
  }
  return null;
}

/** The place of a part with more fields than any has, so that not each of them is told; null where there is none. */
export function crowdedPath(
  value: unknown,
  path: readonly (string | number)[] = [],
): readonly (string | number)[] | null {
  if (value === null || typeof value !== 'object') return null;
  if (Array.isArray(value)) {
    for (let at = 0; at < value.length; at++) {
      const found = crowdedPath(value[at], [...path, at]);
      if (found) return found;
    }
    return null;
  }
  const keys = Object.keys(value);
  if (keys.length > MOST_FIELDS) return path;
  for (const key of keys) {
    const found = crowdedPath((value as Record<string, unknown>)[key], [...path, key]);
    if (found) return found;
  }
  return null;
}
