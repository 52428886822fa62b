import { Vector3 } from 'three';
import { assumedLip, placePart, poseGrid, poseRange, sweep, type SweptSolid } from '#core/sweep';
import { travelRange, USUAL_GEOMETRY } from '#core/suspension';
import { BY_HAND, HOLLOW } from '#support/hollowWheel';
import { meshDistance, poseMatrix, wheelMesh } from '#support/mesh';
import { medianMicroseconds } from './measure';
import type { Bench } from './report';

const STRUT = USUAL_GEOMETRY.strut;

/**
 * One corner, 61 × 41 poses and 64 points, against the same poses and points on a triangle mesh searched by
 * three-mesh-bvh.
 */
export function measureSweep(): Bench {
  const solid: SweptSolid = { bodies: [{ section: HOLLOW, centerOut: -40 }] };
  const points = assumedLip(80, 308, 60).slice(0, 60);
  const single = [
    { out: 95, fwd: -340, up: -40 },
    { out: 130, fwd: 360, up: -20 },
    { out: -200, fwd: -400, up: 60 },
    { out: 0, fwd: 60, up: 392 },
  ];
  const parts = [
    placePart({ id: 'lip', mount: 'body', points }, solid, STRUT),
    ...single.map((point, n) => placePart({ id: `p${n}`, mount: 'body', points: [point] }, solid, STRUT)),
  ];
  const own =
    medianMicroseconds(() => sweep({ solid, parts, geometry: STRUT, change: null }), { callsARound: 1, rounds: 15 }) /
    1000;
  const mesh = wheelMesh(HOLLOW, -40, BY_HAND, 24, 180);
  const grid = poseGrid(poseRange(STRUT, travelRange(STRUT, null)));
  const all = [...points, ...single];
  const at = new Vector3();
  const byMesh = () => {
    let least = Infinity;
    for (const travel of grid.travels)
      for (const steer of grid.steers) {
        const inverse = poseMatrix(STRUT, steer, travel).invert();
        for (const { out, fwd, up } of all)
          least = Math.min(least, meshDistance(mesh, at.set(out, fwd, up).applyMatrix4(inverse)));
      }
    return least;
  };
  const reference = medianMicroseconds(byMesh, { callsARound: 1, rounds: 3 }) / 1000;
  return {
    title: 'sweep of one corner: 61 × 41 poses, 64 points',
    figures: [
      { what: 'sweep, with its exact minima', values: [own], unit: 'ms' },
      { what: 'the same poses on a triangle mesh', values: [reference], unit: 'ms', note: 'coarse grid only' },
      { what: 'ratio mesh / sweep', values: [reference / own], digits: 1 },
    ],
  };
}
