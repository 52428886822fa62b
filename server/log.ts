import pino from 'pino';

/** The server's own log: one JSON line an event on standard output. SCOVAL_LOG sets the level. */
export const log = pino({ level: process.env.SCOVAL_LOG ?? 'info', base: null });
