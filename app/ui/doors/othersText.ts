import type { Screen } from '#server/live/records';

/** Who else has a job open: names, each once, with how many times. */
export function othersText(others: readonly Screen[]): string {
  const names = others.map(({ name }) => name ?? 'another screen');
  const said = [...new Set(names)].map((name) => {
    const count = names.filter((one) => one === name).length;
    return count > 1 ? `${name} ×${count}` : name;
  });
  return said.join(', ');
}
