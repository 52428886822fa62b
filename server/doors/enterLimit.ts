import type { RequestHandler } from 'express';
import { rateLimit } from 'express-rate-limit';
import { ENTER } from './session';

/** How often a minute an address may try to come in. */
export const TRIES_A_MINUTE = 5;

/** Slows down whoever guesses pass-phrases: five tries a minute an address, else 429. */
export const enterLimit = (): RequestHandler =>
  rateLimit({
    windowMs: 60_000,
    limit: TRIES_A_MINUTE,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    skip: ({ method, path }) => method !== 'POST' || (path !== ENTER && path !== `${ENTER}.data`),
    // Who comes in is not counted.
    skipSuccessfulRequests: true,
    requestWasSuccessful: (_request, response) => Boolean(response.getHeader('Set-Cookie')),
    message: 'Too many tries: wait a minute.\n',
  });
