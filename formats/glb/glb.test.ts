import { WebIO } from '@gltf-transform/core';
import { validateBytes } from 'gltf-validator';
import { meshOf, stanceScene } from '#core/stance';
import { demoJob } from '#support/jobs';
import { glbFile } from '.';

const CARS = ['brindle-kite', 'orrin-haul', 'velder-two', 'pallas-tender'] as const;
const scene = (name: (typeof CARS)[number]) => {
  const job = demoJob(name);
  return stanceScene(job, job.setups[0]!);
};

// Source: gltf-validator, the checker of the Khronos Group for glTF 2.0.
test.each(CARS)('%s: the file is free of errors and warnings in the checker of its format', async (name) => {
  const { issues } = await validateBytes(await glbFile(scene(name), { name }));
  expect(issues.messages.filter(({ severity }) => severity < 2)).toEqual([]);
  expect([issues.numErrors, issues.numWarnings]).toEqual([0, 0]);
});

// Source: @gltf-transform/core, a library that reads and writes glTF.
test('read back: every body by its name, in meters, as many triangles; what was assumed stands beside it', async () => {
  const made = scene('pallas-tender');
  const document = await new WebIO().readBinary(await glbFile(made, { name: 'Pallas Tender, A' }));
  const root = document.getRoot();
  const [read] = root.listScenes();
  expect(read!.getName()).toBe('Pallas Tender, A');
  expect(read!.getExtras()).toEqual({ assumed: made.assumed.map(({ text }) => text) });
  expect(read!.listChildren().map((node) => node.getName())).toEqual(made.bodies.map(({ name }) => name));
  for (const body of made.bodies) {
    const { name, kind } = body;
    const mesh = meshOf(body);
    const [primitive] = root
      .listNodes()
      .find((node) => node.getName() === name)!
      .getMesh()!
      .listPrimitives();
    expect(primitive!.getMaterial()!.getName()).toBe(kind);
    expect(primitive!.getIndices()!.getCount()).toBe(mesh.indices.length);
    const position = primitive!.getAttribute('POSITION')!;
    expect(position.getCount() * 3).toBe(mesh.positions.length);
    const most = position.getMax([]);
    [0, 1, 2].forEach((along) => {
      const largest = mesh.positions.reduce((now, value, at) => (at % 3 === along ? Math.max(now, value) : now), -1e9);
      expect(most[along]).toBeCloseTo(largest / 1000, 5);
    });
  }
});

test('without a body there is no file', () =>
  expect(glbFile({ bodies: [], assumed: [] }, { name: 'nothing' })).rejects.toThrow('there is nothing to show'));
