import { parentPort } from 'node:worker_threads';
import { expose, proxy } from 'comlink';
import nodeEndpoint from 'comlink/dist/esm/node-adapter.mjs';
import { FindSession, type FindAsk } from '#core/find';

/** A thread's side: looks through its share of the wheels. */
export const startFind = (ask: FindAsk) => proxy(new FindSession(ask, () => performance.now()));

expose(startFind, nodeEndpoint(parentPort!));
