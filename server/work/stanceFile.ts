import { DomainError } from '#core/errors';
import { RUN_SWEEPS } from '#core/evaluate';
import type { Job, Setup } from '#core/job';
import { stanceScene, type StancePose } from '#core/stance';
import { glbFile } from '#formats/glb';

/** What a scene is made of, and what it is called. */
export interface StanceFileAsked {
  job: Job;
  setup: Setup;
  held: StancePose;
  name: string;
}

/** A car in three dimensions as a file; or why there is nothing to show. */
export async function stanceFile({ job, setup, held, name }: StanceFileAsked) {
  try {
    return { file: await glbFile(stanceScene(job, setup, { held, sweeps: RUN_SWEEPS }), { name }) };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return { fault: error.message };
  }
}
