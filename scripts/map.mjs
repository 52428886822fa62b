// Draws the map of the rooms from the real imports: the picture docs/rooms.svg and the table in README.md.
// With --check it only says whether they are as the imports are.
import { readFileSync, writeFileSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { FLOORS, ROOMS } from '../rooms.mjs';

const all = ROOMS.flat();

/** The room a file lies in; null for one that lies in none. */
const roomOf = (file) => all.find((room) => file.startsWith(`${room}/`)) ?? null;

/** Which rooms each room uses. */
function usesOf() {
  const cruised = spawnSync('npx', ['depcruise', 'core', 'formats', 'server', 'cli', 'app', '--output-type', 'json'], {
    encoding: 'utf8',
    maxBuffer: 1 << 28,
  });
  const uses = new Map(all.map((room) => [room, new Set()]));
  for (const { source, dependencies } of JSON.parse(cruised.stdout).modules) {
    const from = roomOf(source);
    if (from === null) continue;
    for (const { resolved } of dependencies) {
      const to = roomOf(resolved);
      if (to !== null && to !== from) uses.get(from).add(to);
    }
  }
  return uses;
}

/** Everything that is reached from a room. */
function reached(uses, room, seen = new Set()) {
  for (const next of uses.get(room)) if (!seen.has(next) && seen.add(next)) reached(uses, next, seen);
  return seen;
}

/** The arrows that no longer way says already. */
const arrowsOf = (uses) =>
  all.flatMap((from) =>
    all
      .filter((to) => uses.get(from).has(to))
      .filter((to) => ![...uses.get(from)].some((other) => other !== to && reached(uses, other).has(to)))
      .map((to) => [from, to]),
  );

const BOX = { width: 112, height: 26, gap: 12, floor: 62, edge: 16 };

/** The map as a picture: the ground floor at the bottom, arrows down to what a room uses. */
function pictureOf(uses) {
  const widest = Math.max(...ROOMS.map((floor) => floor.length));
  const width = 2 * BOX.edge + widest * (BOX.width + BOX.gap) - BOX.gap;
  const height = 2 * BOX.edge + (ROOMS.length - 1) * BOX.floor + BOX.height;
  const places = new Map();
  ROOMS.forEach((floor, level) => {
    const across = floor.length * (BOX.width + BOX.gap) - BOX.gap;
    floor.forEach((room, nth) => {
      const x = (width - across) / 2 + nth * (BOX.width + BOX.gap);
      places.set(room, { x, y: height - BOX.edge - BOX.height - level * BOX.floor });
    });
  });
  const arrows = arrowsOf(uses).map(([from, to]) => {
    const [a, b] = [places.get(from), places.get(to)];
    const [x1, y1, x2, y2] = [a.x + BOX.width / 2, a.y + BOX.height, b.x + BOX.width / 2, b.y];
    const same = a.y === b.y;
    const path = same
      ? `M${x1},${a.y}C${x1},${a.y - 22} ${x2},${b.y - 22} ${x2},${b.y - 3}`
      : `M${x1},${y1}C${x1},${y1 + 26} ${x2},${y2 - 26} ${x2},${y2 - 3}`;
    return `<path d="${path}" marker-end="url(#tip)"><title>${from} uses ${to}</title></path>`;
  });
  const boxes = [...places].map(
    ([room, { x, y }]) =>
      `<g transform="translate(${x},${y})"><rect width="${BOX.width}" height="${BOX.height}" rx="3"/>` +
      `<text x="${BOX.width / 2}" y="17">${room}</text></g>`,
  );
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}">`,
    '<title>The rooms and what each uses; arrows that a longer way says already are left out</title>',
    '<defs><marker id="tip" viewBox="0 0 6 6" refX="5" refY="3" markerWidth="6" markerHeight="6" orient="auto">' +
      '<path d="M0,0L6,3L0,6Z" fill="#5b6770" stroke="none"/></marker></defs>',
    `<rect width="${width}" height="${height}" fill="#ffffff"/>`,
    `<g fill="none" stroke="#5b6770" stroke-width="0.8" stroke-opacity="0.7">${arrows.join('\n')}</g>`,
    '<g fill="#f3f5f6" stroke="#29343c">' +
      boxes
        .join('\n')
        .replaceAll(
          '<text',
          '<text stroke="none" fill="#18222a" ' + 'font-family="sans-serif" font-size="12" text-anchor="middle"',
        ) +
      '</g>',
    '</svg>',
    '',
  ].join('\n');
}

/** The map as a table: floor by floor from the top, what lies in each room and what it uses. */
function tableOf(uses) {
  const rows = [...FLOORS].reverse().flatMap((floor) =>
    Object.entries(floor).map(([room, about]) => {
      const used = all.filter((other) => uses.get(room).has(other)).map((other) => other.replace('core/', ''));
      return `| \`${room}/\` | ${about} | ${used.join(', ') || '—'} |`;
    }),
  );
  return ['| room | what lies there | uses |', '| --- | --- | --- |', ...rows].join('\n');
}

const uses = usesOf();
const readme = readFileSync('README.md', 'utf8');
const MARKS = /(<!-- map -->)[\s\S]*?(<!-- end of map -->)/;
const made = {
  'docs/rooms.svg': pictureOf(uses),
  'README.md': readme.replace(MARKS, (_, from, to) => `${from}\n\n${tableOf(uses)}\n\n${to}`),
};
const plain = (text) => text.replace(/[ -]+/g, ' ');
for (const [file, text] of Object.entries(made)) {
  if (!process.argv.includes('--check')) writeFileSync(file, text);
  else if (plain(readFileSync(file, 'utf8')) !== plain(text)) {
    console.error(`${file} is not as the imports are: npm run map`);
    process.exitCode = 1;
  }
}
