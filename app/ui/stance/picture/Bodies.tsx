import { BufferAttribute, BufferGeometry, Matrix4 } from 'three';
import { useEffect, useMemo } from 'react';
import type { Mesh, StanceBody, StanceKind } from '#core/stance';
import type { Looks } from './looks';

interface BodiesProps {
  bodies: readonly StanceBody[];
  looks: Looks;
  /** What is left out. */
  without: readonly StanceKind[];
}

/** Bodies where they stand: made once, moved as often as the wheels are. */
export const Bodies = ({ bodies, looks, without }: BodiesProps) =>
  bodies
    .filter(({ kind }) => !without.includes(kind))
    .map((body) => <Body key={body.name} body={body} looks={looks} />);

function Body({ body: { name, kind, mesh, placement, side }, looks }: { body: StanceBody; looks: Looks }) {
  const geometry = useMemo(() => geometryOf(mesh), [mesh]);
  useEffect(() => () => geometry.dispose(), [geometry]);
  const matrix = useMemo(() => matrixOf(placement, side), [placement, side]);
  return (
    <mesh
      name={name}
      geometry={geometry}
      material={looks[kind]}
      matrixAutoUpdate={false}
      matrix={matrix}
      matrixWorldNeedsUpdate
    />
  );
}

function geometryOf({ positions, normals, indices }: Mesh): BufferGeometry {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(Float32Array.from(positions), 3));
  geometry.setAttribute('normal', new BufferAttribute(Float32Array.from(normals), 3));
  geometry.setIndex(new BufferAttribute(Uint32Array.from(indices), 1));
  return geometry;
}

/** From a side's frame (out, fwd, up) into the car's (x forward, y up, z to the right); the left side mirrored. */
function matrixOf(p: StanceBody['placement'], side: StanceBody['side']): Matrix4 {
  const way = side === 'right' ? 1 : -1;
  const [out, fwd, up] = [p.subarray(0, 4), p.subarray(4, 8), p.subarray(8, 12)];
  const rows = [...fwd, ...up, ...out.map((value) => way * value), 0, 0, 0, 1];
  return new Matrix4().fromArray(rows).transpose();
}
