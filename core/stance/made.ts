import { keptFor } from '#core/kept';
import { axleParts, fitCandidate, type AxlePart } from '#core/evaluate';
import type { Setup, SetupOnAxle, Vehicle } from '#core/job';
import { standsOn, type Mount, type Side } from '#core/sweep';
import { brakeBodies } from './brake';
import type { StanceKind } from './body';
import { cornerLip, type CornerLip } from './lip';
import type { Mesh } from './mesh';
import { isLip, lipBody, partBody } from './part';
import { hubBody, stackBody, wheelBodies } from './wheel';

/** A body of a corner as it is made, in the frame of what it hangs on. */
export interface MadeBody {
  name: string;
  kind: StanceKind;
  mount: Mount;
  mesh: Mesh;
}

/** What is made for a corner once, however its wheel is held afterwards. */
export interface MadeCorner {
  bodies: readonly MadeBody[];
  /** The parts that stand on this side. */
  own: readonly AxlePart[];
  lip: CornerLip | null;
}

const keptOf = keptFor<Vehicle, WeakMap<Setup, Map<string, MadeCorner>>>(() => new WeakMap());

/** The bodies of a corner, kept for as long as car and setup stay the same objects. */
export function madeCorner(on: SetupOnAxle, side: Side): MadeCorner {
  const ofCar = keptOf(on.job.vehicle);
  const ofSetup = ofCar.get(on.setup) ?? new Map<string, MadeCorner>();
  ofCar.set(on.setup, ofSetup);
  const key = `${on.axle}-${side}`;
  const known = ofSetup.get(key) ?? make(on, side);
  ofSetup.set(key, known);
  return known;
}

function make(on: SetupOnAxle, side: Side): MadeCorner {
  const { job, setup, axle } = on;
  const vehicleAxle = job.vehicle[axle];
  const fitted = fitCandidate(job.vehicle, axle, setup[axle]);
  const hub = vehicleAxle?.hub ?? {};
  const bodies: MadeBody[] = [];
  const put = (kind: StanceKind, mesh: Mesh | null, { name = kind, mount = 'knuckle' as Mount }: Naming = {}) => {
    if (mesh && mesh.indices.length > 0) bodies.push({ kind, mount, mesh, name: `${name}-${axle}-${side}` });
  };
  wheelBodies(fitted, side).forEach(({ tire, tread, letters, rim, spokes }, at, all) => {
    const inner = at < all.length - 1 ? '-inner' : '';
    put('tire', tire, { name: `tire${inner}` });
    put('tread', tread, { name: `tread${inner}` });
    put('letters', letters, { name: `letters${inner}` });
    put('rim', rim, { name: `rim${inner}` });
    put('spokes', spokes, { name: `spokes${inner}` });
  });
  put('stack', stackBody(fitted, hub));
  put('hub', hubBody(hub));
  const { rotor, caliper } = brakeBodies(vehicleAxle?.caliper ?? {});
  put('rotor', rotor);
  put('caliper', caliper);
  const own = axleParts(job.vehicle, axle).parts.filter(({ obstacle }) => standsOn(obstacle, side));
  for (const part of own)
    if (part.placed)
      put(isLip(part) ? 'lip' : 'part', partBody(part), { name: nameOf(part), mount: part.placed.mount });
  const lip = cornerLip(on, own, side);
  if (lip?.isPart === false) put('lip', lipBody(lip.points), { mount: 'body' });
  return { bodies, own, lip };
}

interface Naming {
  name?: string;
  mount?: Mount;
}

/** A part goes by its id, so that it is found again in the job. */
const nameOf = (part: AxlePart): string => (isLip(part) ? 'lip' : `part:${part.obstacle.id}`);
