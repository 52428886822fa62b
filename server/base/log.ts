import pino from 'pino';

/** How much the log says. */
export const LOG_LEVELS = ['trace', 'debug', 'info', 'warn', 'error', 'fatal', 'silent'] as const;

const asked = process.env.SCOVAL_LOG ?? 'info';

/** The server's own log: one JSON line an event on standard output. SCOVAL_LOG sets the level. */
export const log = pino({ level: (LOG_LEVELS as readonly string[]).includes(asked) ? asked : 'info', base: null });
