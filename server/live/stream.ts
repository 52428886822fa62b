import { createSession } from 'better-sse';
import type { RequestHandler } from 'express';
import Joi from 'joi';
import { VALIDATION } from '#formats/rules';
import { rowsOf } from '../database/connection';
import { deviceOf, type Device } from '../doors/devices';
import { tokenOf } from '../doors/session';
import { listen, tellBehind } from './hub';

/** How often a line is sent that says nothing, so that nobody on the way takes it for dead. */
const KEEP_ALIVE_MS = 15_000;
/** How soon a screen comes back when its line was cut. */
const RETRY_MS = 2_000;
/** How often it is looked whether a device is still let in. */
const LET_IN_MS = 30_000;

interface Asked {
  from: number;
  by?: string;
}

const schema = Joi.object<Asked>({
  from: Joi.number().integer().min(0).required(),
  by: Joi.string().allow('').max(40),
});

/**
 * A line to a screen that has a job open: what is saved elsewhere, and who else is there. `?from=12` is the revision
 * that the screen has; a line that was cut says the last one it heard of.
 */
export const liveStream: RequestHandler<{ jobId: string }> = async (request, response, next) => {
  try {
    const { value: asked, error } = schema.validate(request.query, { ...VALIDATION, convert: true });
    if (error) return void response.status(400).type('text').send(`${error.message}\n`);
    const { jobId } = request.params;
    if ((await revisionOf(jobId)) === null)
      return void response.status(404).type('text').send('There is no such job.\n');
    const device = (response.locals.device as Device | undefined) ?? null;
    const session = await createSession(request, response, { keepAlive: KEEP_ALIVE_MS, retry: RETRY_MS });
    // Saying something to it would overwrite what it said itself.
    const heard = /^\d{1,15}$/.test(session.lastId) ? Number(session.lastId) : asked.from;
    const screen = listen(jobId, {
      session,
      heard,
      name: asked.by || device?.label || null,
      waitingBytes: () => response.writableLength,
      close: () => response.destroy(),
    });
    const token = tokenOf(request.headers);
    if (device && token) {
      const look = setInterval(() => void deviceOf(token).then((still) => still ?? response.destroy()), LET_IN_MS);
      session.once('disconnected', () => clearInterval(look));
    }
    // Looked at when it listens already: what is saved in between is heard twice, not never.
    const revision = await revisionOf(jobId);
    if (revision !== null && revision > heard) tellBehind(screen, revision);
  } catch (error) {
    if (response.headersSent) response.destroy();
    else next(error);
  }
};

async function revisionOf(id: string): Promise<number | null> {
  const [row] = await rowsOf<{ revision: number }>('SELECT revision FROM jobs WHERE id = $1', [id]);
  return row?.revision ?? null;
}
