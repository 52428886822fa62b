declare module 'comlink/dist/esm/node-adapter.mjs' {
  import type { Endpoint } from 'comlink';
  import type { MessagePort, Worker } from 'node:worker_threads';

  /** A thread, or the port to its parent, as comlink talks to it. */
  export default function nodeEndpoint(thread: Worker | MessagePort): Endpoint;
}
