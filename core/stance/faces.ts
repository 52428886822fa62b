import { addPoint, emptyMesh, type Mesh } from './mesh';
import { cross, dot, normalOf, type Corner } from './vectors';

/** Of a face this small nothing is seen, mm². */
const NOTHING_MM2 = 1e-9;

/** A closed body of flat faces, each convex and all of them one way round; turned about where that is inward. */
export function ofFaces(faces: readonly (readonly Corner[])[]): Mesh {
  const isInsideOut = faces.reduce((sum, face) => sum + volumeUnder(face), 0) < 0;
  const mesh = emptyMesh();
  for (const face of faces) {
    const corners = isInsideOut ? face.toReversed() : face;
    for (let at = 2; at < corners.length; at++) {
      const triangle = [corners[0]!, corners[at - 1]!, corners[at]!] as const;
      const direction = normalOf(triangle);
      if (Math.hypot(...direction) < NOTHING_MM2) continue;
      mesh.indices.push(...triangle.map((corner) => addPoint(mesh, corner, direction)));
    }
  }
  return mesh;
}

/** Six times the volume between a face and the origin; positive where it faces away from it. */
function volumeUnder(face: readonly Corner[]): number {
  const [first, ...others] = face;
  return others.slice(1).reduce((sum, corner, at) => sum + dot(first!, cross(others[at]!, corner)), 0);
}
