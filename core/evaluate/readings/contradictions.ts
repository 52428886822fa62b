import type { AxleName, Vehicle } from '#core/job';
import { AT_REST, type Pose } from '#core/kinematics';
import { nearestOnSection, sectionPartAt } from '#core/section';
import type { SuspensionGeometry } from '#core/suspension';
import {
  alongBody,
  lookAt,
  placementIn,
  readingPose,
  relativePlacer,
  type Nearest,
  type PlacedPart,
  type Swept,
  type SweptSolid,
  type Obstacle,
} from '#core/sweep';
import type { Words } from '#core/units';
import { axleParts, obstacleLabel, poseWords, type AxlePart } from '../parts';
import type { Contradiction } from '../report';

/** How much nearer another place must be before it is said: less is the form of the tire, not of the reading. Mm. */
const NEARER_MM = 3;
const TOUCH_MM = 0.05;

/** What is odd among the readings of an axle's room, in the order of the parts. */
export function contradictionsOf({
  vehicle,
  axle,
  swept,
  words,
}: {
  vehicle: Vehicle;
  axle: AxleName;
  swept: Swept | null | undefined;
  words: Words;
}): Contradiction[] {
  const { parts, resolved, present } = axleParts(vehicle, axle);
  return parts
    .filter(({ assumed }) => !assumed)
    .flatMap((part) => {
      const label = obstacleLabel({
        label: part.obstacle.label ?? part.obstacle.id,
        side: part.obstacle.side ?? null,
        assumed: false,
      });
      const about = { id: part.obstacle.id, label };
      if (!part.placed)
        return [
          { ...about, kind: 'unplaced' as const, amount: null, pose: null, text: `cannot be placed: ${part.fault}` },
        ];
      return [
        ...(resolved.geometry ? beyond(part.obstacle, resolved.geometry, words) : []),
        ...asRead({ part, placed: part.placed, present, geometry: resolved.geometry, words }),
        ...inOtherPoses({
          axlePart: part,
          swept,
          assumed: resolved.geometry !== null && resolved.assumed.length > 0,
          words,
        }),
      ].map((one) => ({ ...about, ...one }));
    });
}

type Found = Omit<Contradiction, 'id' | 'label'>;

/** A pose the car cannot take. */
function beyond({ gap }: Obstacle, geometry: SuspensionGeometry, words: Words): Found[] {
  if (!gap) return [];
  const pose = readingPose(gap);
  const found: Found[] = [];
  const [least, most] = [-geometry.lockInDeg, geometry.lockOutDeg];
  const steer = Math.max(least - pose.steerDeg, pose.steerDeg - most);
  if (steer > 0)
    found.push({
      kind: 'beyond',
      amount: steer,
      pose,
      text:
        `read at ${words.number(pose.steerDeg)}°, beyond the lock of` +
        ` ${words.number(pose.steerDeg > 0 ? most : least)}°: measure the lock, or correct the wheel position`,
    });
  const travel = Math.max(-geometry.droopMm - pose.travelMm, pose.travelMm - geometry.bumpMm);
  if (travel > 0)
    found.push({
      kind: 'beyond',
      amount: travel,
      pose,
      text: `read ${words.length(travel)} beyond the stop: measure the travel, or correct the wheel position`,
    });
  return found;
}

/** What the placed part is to the present wheel in the very pose it was read in. */
function asRead({
  part,
  placed,
  present,
  geometry,
  words,
}: {
  part: AxlePart;
  placed: PlacedPart;
  present: SweptSolid | null;
  geometry: SuspensionGeometry | null;
  words: Words;
}): Found[] {
  if (!present) return [];
  const { gap } = part.obstacle;
  const pose = gap ? readingPose(gap) : AT_REST;
  const nearest = nearestIn({ placed, solid: present, geometry, pose });
  if (!gap) {
    if (nearest.mm >= -TOUCH_MM) return [];
    return [
      {
        kind: 'inside',
        amount: -nearest.mm,
        pose,
        text:
          `stands ${words.length(-nearest.mm)} inside the present wheel at rest: measure its coordinates again, from` +
          " the hub face and the hub's axis",
      },
    ];
  }
  if (gap.gapMm < 0)
    return [
      {
        kind: 'rubs',
        amount: -gap.gapMm,
        pose,
        text: `the present car rubs there by ${words.length(-gap.gapMm)}, as measured`,
      },
    ];
  if (nearest.mm > gap.gapMm - NEARER_MM) return [];
  const body = present.bodies.reduce((best, one) =>
    Math.abs(nearest.out - one.centerOut) < Math.abs(nearest.out - best.centerOut) ? one : best,
  );
  const on = nearestOnSection(body.section, alongBody(body, nearest.out), Math.hypot(nearest.fwd, nearest.up));
  const where = sectionPartAt(body.section, on.a, on.r);
  const amount = gap.gapMm - nearest.mm;
  if (nearest.mm < 0)
    return [
      {
        kind: 'inside',
        amount: -nearest.mm,
        pose,
        text:
          `is ${words.length(-nearest.mm)} inside the present wheel where it was measured: measure the gap and its` +
          ' place again',
      },
    ];
  return [
    {
      kind: 'nearer',
      amount,
      pose,
      text:
        `its nearest place on the wheel is the ${where}, ${words.length(nearest.mm)} away, ${words.length(amount)}` +
        ' nearer than the named one: measure the gap to that place',
    },
  ];
}

function nearestIn({
  placed,
  solid,
  geometry,
  pose,
}: {
  placed: PlacedPart;
  solid: SweptSolid;
  geometry: SuspensionGeometry | null;
  pose: Pose;
}): Nearest {
  const still = !geometry || placed.mount === 'knuckle';
  return lookAt(placed, solid).nearest(
    still ? placementIn(null, pose) : relativePlacer(geometry, placed.mount, 0)(pose),
  );
}

/** The car drives, so a part that its wheel would meet elsewhere stands somewhere else than was read. */
function inOtherPoses({
  axlePart: { obstacle },
  swept,
  assumed,
  words,
}: {
  axlePart: AxlePart;
  swept: Swept | null | undefined;
  assumed: boolean;
  words: Words;
}): Found[] {
  const found = swept?.parts.find(({ id }) => id === obstacle.id);
  if (!found || found.clearanceMm > -TOUCH_MM || !obstacle.gap || obstacle.gap.gapMm < 0) return [];
  const amount = -found.clearanceMm;
  const good = obstacle.gap.uncertaintyMm;
  const doubts = [
    `measure the gap again at its nearest place, and the wheel position`,
    ...(good != null && amount <= good ? [`the reading is only good to ${words.plusMinus(good)}`] : []),
    ...(assumed ? ['how the wheel moves is partly assumed: measure the most important assumption first'] : []),
  ];
  return [
    {
      kind: 'touches',
      amount,
      pose: found.pose,
      text:
        `the present wheel would touch it by ${words.length(amount)}, ${poseWords(found.pose, words)}:` +
        ` ${doubts.join('; ')}`,
    },
  ];
}
