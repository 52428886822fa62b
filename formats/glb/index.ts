import { Document, WebIO, type Material, type vec4 } from '@gltf-transform/core';
import { DomainError } from '#core/errors';
import { meshOf as standing, type StanceBody, type StanceKind, type StanceScene } from '#core/stance';

/** Of each kind of body: color (sRGB as linear factors), how metallic and how rough it is. */
const LOOKS: Record<StanceKind, { color: vec4; metallic: number; roughness: number }> = {
  tire: { color: [0.03, 0.03, 0.035, 1], metallic: 0, roughness: 0.95 },
  tread: { color: [0.008, 0.008, 0.01, 1], metallic: 0, roughness: 1 },
  letters: { color: [0.13, 0.13, 0.14, 1], metallic: 0, roughness: 0.9 },
  rim: { color: [0.6, 0.61, 0.63, 1], metallic: 0.7, roughness: 0.4 },
  spokes: { color: [0.55, 0.56, 0.58, 1], metallic: 0.7, roughness: 0.45 },
  stack: { color: [0.75, 0.42, 0.06, 1], metallic: 0.3, roughness: 0.5 },
  hub: { color: [0.25, 0.25, 0.26, 1], metallic: 0.6, roughness: 0.6 },
  rotor: { color: [0.32, 0.32, 0.33, 1], metallic: 0.7, roughness: 0.5 },
  caliper: { color: [0.2, 0.21, 0.23, 1], metallic: 0.2, roughness: 0.6 },
  lip: { color: [0.09, 0.16, 0.45, 1], metallic: 0, roughness: 0.7 },
  part: { color: [0.5, 0.12, 0.1, 1], metallic: 0, roughness: 0.8 },
  contact: { color: [0.8, 0.05, 0.03, 1], metallic: 0, roughness: 0.8 },
  panel: { color: [0.52, 0.5, 0.46, 1], metallic: 0, roughness: 0.9 },
  liner: { color: [0.05, 0.05, 0.055, 1], metallic: 0, roughness: 1 },
};

/** What is no closed body is seen from both sides. */
const SHEETS: readonly StanceKind[] = ['panel', 'liner', 'letters', 'tread', 'contact'];

/** The file is in meters, as glTF 2.0 has it. */
const M_PER_MM = 0.001;

/**
 * A scene as a binary glTF 2.0 file: meters, y up; every body a node of its own by its name. What was assumed stands in
 * the extras of the scene.
 * @throws DomainError for a scene without a body: such a file is none
 */
export async function glbFile(
  { bodies, assumed }: Pick<StanceScene, 'bodies' | 'assumed'>,
  { name, generator = 'Scoval' }: GlbHead,
): Promise<Uint8Array> {
  if (bodies.length === 0) throw new DomainError('no wheel and tire is known: there is nothing to show', 'vehicle');
  const document = new Document();
  document.getRoot().getAsset().generator = generator;
  document.createBuffer();
  const scene = document.createScene(name).setExtras({ assumed: assumed.map(({ text }) => text) });
  const materials = new Map<StanceKind, Material>();
  for (const body of bodies) {
    const known = materials.get(body.kind) ?? materialOf(document, body.kind);
    materials.set(body.kind, known);
    scene.addChild(document.createNode(body.name).setMesh(meshOf(document, body, known)));
  }
  return new WebIO().writeBinary(document);
}

interface GlbHead {
  /** What the scene is called. */
  name: string;
  generator?: string;
}

function materialOf(document: Document, kind: StanceKind): Material {
  const { color, metallic, roughness } = LOOKS[kind];
  return document
    .createMaterial(kind)
    .setBaseColorFactor(color)
    .setDoubleSided(SHEETS.includes(kind))
    .setMetallicFactor(metallic)
    .setRoughnessFactor(roughness);
}

function meshOf(document: Document, body: StanceBody, material: Material) {
  const mesh = standing(body);
  const buffer = document.getRoot().listBuffers()[0]!;
  const accessor = (type: 'VEC3' | 'SCALAR', array: Float32Array | Uint32Array) =>
    document.createAccessor().setType(type).setArray(array).setBuffer(buffer);
  const meters = Float32Array.from(mesh.positions, (mm) => mm * M_PER_MM);
  const primitive = document
    .createPrimitive()
    .setAttribute('POSITION', accessor('VEC3', meters))
    .setAttribute('NORMAL', accessor('VEC3', Float32Array.from(mesh.normals)))
    .setIndices(accessor('SCALAR', Uint32Array.from(mesh.indices)))
    .setMaterial(material);
  return document.createMesh(body.name).addPrimitive(primitive);
}
