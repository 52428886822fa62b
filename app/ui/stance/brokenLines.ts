/** A text in lines no wider than there is room, broken between words; a word that is wider stands alone. */
export function brokenLines(text: string, room: number, widthOf: (text: string) => number): string[] {
  const lines: string[] = [];
  for (const word of text.split(' ')) {
    const last = lines.at(-1);
    const longer = last === undefined ? word : `${last} ${word}`;
    if (last !== undefined && widthOf(longer) <= room) lines[lines.length - 1] = longer;
    else lines.push(word);
  }
  return lines;
}
