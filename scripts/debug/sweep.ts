// What a sweep sees of a job, to follow a figure to where it comes from: `npm run debug:sweep -- FILE`. Placed parts,
// poses and minima of every setup and axle as JSON; with `--to FOLDER` a drawing of each, in its worst pose, beside it.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { axleParts, candidateCase } from '#core/evaluate';
import { AXLES, type AxleName, type Job, type Setup } from '#core/job';
import { AT_REST } from '#core/kinematics';
import { atOnce } from '#core/progress';
import { sweepSteps, type Side, type Swept, type SweepCase, type SweptPart } from '#core/sweep';
import { readJobFile } from '#formats/job';
import { faultLine } from '#formats/faults';
import { sceneOf } from '../../app/ui/space/scene';
import { PROJECT, silhouettes, type Flat, type ViewName } from '../../app/ui/space/views';

const { values, positionals } = parseArgs({
  options: { setup: { type: 'string' }, axle: { type: 'string' }, to: { type: 'string' } },
  allowPositionals: true,
});

/** Ends with one line that says why. */
function refuse(why: string): never {
  console.error(why);
  process.exit(1);
}

const USAGE = 'usage: npm run debug:sweep -- FILE [--setup ID] [--axle front|rear] [--to FOLDER]';
const [file] = positionals;
const from = (name: string): string => path.resolve(process.env.INIT_CWD ?? '.', name);
if (!file || (values.axle !== undefined && !AXLES.some((axle) => axle === values.axle))) refuse(USAGE);
if (!existsSync(from(file))) refuse(`${file}: there is no such file`);
const { job, faults } = readJobFile(readFileSync(from(file), 'utf8'));
if (!job) refuse(faults.map(faultLine).join('\n'));
if (values.setup !== undefined && !job.setups.some(({ id }) => id === values.setup))
  refuse(`there is no setup ${values.setup}; there are ${job.setups.map(({ id }) => id).join(', ')}`);

const rounded = (_key: string, value: unknown): unknown =>
  typeof value === 'number' ? Math.round(value * 1000) / 1000 : value;

/** What is told of a part: where it stands and how near the wheel comes to it. */
function toldOf(seen: SweepCase, { map: _, ...part }: SweptPart) {
  const placed = seen.parts.find(({ id }) => id === part.id)!;
  const points = Array.from({ length: placed.xyz.length / 3 }, (_none, at) => [
    ...placed.xyz.slice(3 * at, 3 * at + 3),
  ]);
  return { ...part, mount: placed.mount, edge: placed.edge, points };
}

const WIDTH = 420;
const VIEWS: readonly ViewName[] = ['behind', 'side', 'above'];

/** Wheel and parts of one side in a pose, in three drawings side by side; each part with its least distance. */
function drawing(whole: Job, axle: AxleName, { seen, swept }: { seen: SweepCase; swept: Swept }): string {
  const worst = swept.parts.toSorted((one, other) => one.clearanceMm - other.clearanceMm)[0];
  const side: Side = 'right';
  const { placement, parts } = sceneOf({
    axleParts: axleParts(whole.vehicle, axle),
    side,
    pose: worst?.pose ?? AT_REST,
  });
  const drawn = VIEWS.map((view, at) => {
    const outlines = silhouettes(seen.solid, placement, view);
    const spots = parts.map((part) => ({ ...part, flat: part.points.map(PROJECT[view]) }));
    const all = [...outlines.flat(), ...spots.flatMap(({ flat }) => flat)];
    const [left, right] = [Math.min(...all.map(([x]) => x)), Math.max(...all.map(([x]) => x))];
    const [low, high] = [Math.min(...all.map(([, y]) => y)), Math.max(...all.map(([, y]) => y))];
    const scale = (WIDTH - 40) / Math.max(right - left, high - low, 1);
    const place = ([x, y]: Flat): string =>
      `${(at * WIDTH + 20 + (x - left) * scale).toFixed(1)},${(20 + (high - y) * scale).toFixed(1)}`;
    const wheel = outlines.map((line) => `<polygon points="${line.map(place).join(' ')}" fill="#cde" stroke="#246"/>`);
    const around = spots.map(({ label, flat }) => {
      const dots = flat.map((point) => `<circle r="2" transform="translate(${place(point)})" fill="#a33"/>`);
      return `${dots.join('')}<text transform="translate(${place(flat[0]!)})" font-size="10">${escaped(label)}</text>`;
    });
    return [`<g>`, ...wheel, ...around, '</g>'].join('\n');
  });
  const said = swept.parts.map(
    ({ id, clearanceMm, pose }, at) =>
      `<text x="20" y="${WIDTH + 16 * (at + 1)}" font-size="12">${escaped(id)}: ${clearanceMm.toFixed(2)} mm at ` +
      `steer ${pose.steerDeg.toFixed(1)}°, travel ${pose.travelMm.toFixed(1)} mm</text>`,
  );
  const size = `width="${3 * WIDTH}" height="${WIDTH + 16 * (said.length + 2)}"`;
  return `<svg xmlns="http://www.w3.org/2000/svg" ${size}>\n${[...drawn, ...said].join('\n')}\n</svg>\n`;
}

const escaped = (text: string): string => text.replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);

function look(whole: Job, setup: Setup, axle: AxleName) {
  const seen = candidateCase(whole, setup, axle);
  if (!seen) return { setup: setup.id, axle, swept: null };
  const swept = atOnce(sweepSteps(seen));
  if (values.to) {
    const folder = from(values.to);
    mkdirSync(folder, { recursive: true });
    writeFileSync(path.join(folder, `${setup.id}-${axle}.svg`), drawing(whole, axle, { seen, swept }));
  }
  const { geometry, change, poses } = seen;
  return {
    setup: setup.id,
    axle,
    motion: { geometry, change, poses },
    grid: swept.grid,
    restTravelMm: swept.restTravelMm,
    parts: swept.parts.map((part) => toldOf(seen, part)),
  };
}

const seen = job.setups
  .filter(({ id }) => values.setup === undefined || id === values.setup)
  .flatMap((setup) =>
    AXLES.filter((axle) => values.axle === undefined || axle === values.axle).map((axle) => look(job, setup, axle)),
  );
console.log(JSON.stringify(seen, rounded, 2));
