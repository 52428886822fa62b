/**
 * Words that Scoval does not say, each with the trade's term for it: on the screen, in papers, in documents. Words that
 * only the job file writes (`centring`, `house`, `labourPerHour`) are its own, and stand alone where they stand.
 */
const NEVER_WORDS: readonly (readonly [never: RegExp, say: string])[] = [
  [/\bproud\b/i, 'poke; of studs: stick out'],
  [/\d (mm )?(inside|level)\b(?! the)/i, 'tuck, flush'],
  [/face against (the )?fender/i, 'poke'],
  [/\binner gap/i, 'inner clearance'],
  [/\barch gap/i, 'fender clearance'],
  [/\bheld by\b(?! clips)/i, 'limited by'],
  [/room to keep/i, 'limit'],
  [/\b(with|no) work\b|may be done/i, 'modification'],
  [/\b(spacer|stack|adapter|ring) pieces?\b|pieces? of the stack|\d pieces\b/i, 'spacer, adapter, hub ring'],
  [/at its seat|seat of it\b/i, 'lug seat'],
  [/speed symbol/i, 'speed rating'],
  [/camber a 100|out a mm/i, 'camber gain, lateral shift'],
  [/\bhanging\b/i, 'droop'],
  [/\bhouse\b/i, 'shop defaults'],
  [/\bstores\b/i, 'shelf'],
  [/\b(put away|take out|double this)\b/i, 'archive, delete, duplicate'],
  [/\bwish(es)?\b/i, 'target'],
  [/as likely as not/i, 'about 50 % sure'],
  [/another pattern/i, 'different bolt pattern'],
  [/ended by itself/i, 'stopped'],
  [/as felt/i, 'equivalent'],
  [/\bat the clock|off its middle/i, 'clock position, from the center'],
  [/car listens|\blamp\b/i, 'sensor frequency, warning light'],
  [/nothing lies here|answers to this search/i, 'not found, no match'],
  [/when truly at|true then|engine then|least allowed/i, 'true speed, after, lowest allowed'],
  [/same ⌀/i, 'same diameter'],
  [/play in the bore/i, 'bore clearance'],
  [/\bstraight-edge/i, 'straightedge'],
  [/\b(tyre|colour|centre|centring|labour|grey|catalogue|(milli|centi|kilo)?metre)s?\b/i, 'US spelling'],
];

/** What a text says that it should not, with the word for it. */
export const neverIn = (text: string): string[] =>
  NEVER_WORDS.flatMap(([never, say]) => {
    const found = never.exec(text);
    return found ? [`“${found[0]}” (say: ${say}) in “${text.slice(0, 120)}”`] : [];
  });
