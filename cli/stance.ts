import { writeFileSync } from 'node:fs';
import Joi from 'joi';
import { DomainError } from '#core/errors';
import { RUN_SWEEPS } from '#core/evaluate';
import { presentSetup, setupTitle } from '#core/job';
import { stanceScene } from '#core/stance';
import { glbFile } from '#formats/glb';
import type { Fault } from '#formats/job';
import { runOnJobs } from './command';

/** Writes the car with a setup on it, in three dimensions, as a binary glTF file; prints what it was made of. */
await runOnJobs(
  {
    usage: 'stance -- FILE [--setup ID] --out FILE.glb',
    options: { setup: { type: 'string' }, out: { type: 'string' } },
    values: Joi.object<{ setup?: string; out: string }>({
      setup: Joi.string().max(40),
      out: Joi.string()
        .pattern(/\.glb$/i)
        .required(),
    }),
  },
  async ([job], { setup: id, out }) => {
    const setup = id === undefined ? presentSetup(job) : job.setups.find((one) => one.id === id);
    if (!setup) return { fault: { path: 'setups', message: `there is no setup “${id}”` } };
    const scene = stanceScene(job, setup, { sweeps: RUN_SWEEPS });
    const name = [job.vehicle.label, id === undefined ? 'as it stands' : setupTitle(setup, job.vehicle.flangeMm)]
      .filter(Boolean)
      .join(', ');
    const fault = await written(out, () => glbFile(scene, { name }));
    if (fault) return { fault };
    const triangles = scene.bodies.reduce((sum, { mesh }) => sum + mesh.indices.length / 3, 0);
    return {
      json: {
        out,
        bodies: scene.bodies.map((body) => body.name),
        triangles,
        assumed: scene.assumed.map(({ text }) => text),
      },
    };
  },
);

/** Writes a file; what is wrong where it cannot be made or written. */
async function written(file: string, make: () => Promise<Uint8Array>): Promise<Fault | null> {
  try {
    writeFileSync(file, await make());
    return null;
  } catch (error) {
    if (error instanceof DomainError) return { path: error.path, message: error.message };
    return { path: file, message: `cannot be written (${(error as NodeJS.ErrnoException).code})` };
  }
}
