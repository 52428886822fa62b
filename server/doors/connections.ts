import type { Server } from 'node:http';
import type { Socket } from 'node:net';

/** No more connections than this are open at a time: every screen that has a job open holds one. */
const MOST_CONNECTIONS = 500;
/** How long the head of a request, and the whole of it, may take. */
const HEAD_MS = 15_000;
const REQUEST_MS = 60_000;
/** How long what is under way has once the server is to end. */
const LAST_MS = 5_000;

const BUSY = [
  'HTTP/1.1 503 Service Unavailable',
  'Content-Type: text/plain; charset=utf-8',
  'Retry-After: 5',
  'Connection: close',
  '',
  'Scoval has too many connections open: try again.\n',
].join('\r\n');

/** Bounds what a server lets clients hold open: their number, and the time for a request. */
export function boundConnections(server: Server, most = MOST_CONNECTIONS): void {
  server.headersTimeout = HEAD_MS;
  server.requestTimeout = REQUEST_MS;
  let open = 0;
  const listeners = server.listeners('connection') as ((socket: Socket) => void)[];
  server.removeAllListeners('connection');
  server.on('connection', (socket: Socket) => {
    if (open >= most) {
      socket.on('error', () => {});
      socket.end(BUSY, () => socket.destroy());
      return;
    }
    open += 1;
    socket.once('close', () => (open -= 1));
    for (const listener of listeners) listener.call(server, socket);
  });
}

/**
 * Ends a server: nothing new is taken, what is under way is answered, and a connection goes as soon as it is idle; what
 * hangs is cut off in the end.
 */
export async function endServer(server: Server, lastMs = LAST_MS): Promise<void> {
  const closed = new Promise<void>((resolve) => server.close(() => resolve()));
  // A connection that is kept alive becomes idle when its answer is out.
  const idle = setInterval(() => server.closeIdleConnections(), 50);
  const forced = setTimeout(() => server.closeAllConnections(), lastMs);
  server.closeIdleConnections();
  await closed;
  clearInterval(idle);
  clearTimeout(forced);
}
