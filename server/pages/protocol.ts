import type { AppLoadContext } from 'react-router';
import type { Packing } from './packing';

/** A page to be made in a thread, with what it has to show. */
export interface PageAsked {
  url: string;
  method: string;
  headers: [name: string, value: string][];
  context: AppLoadContext;
  /** It comes packed: the thread that has the server is left with nothing to collect of it. */
  packing: Packing | null;
  /** What the loaders of its routes came to, by the routes' ids. */
  outcomes: [route: string, outcome: Outcome][];
}

/** What a route's loader came to; what it threw is thrown on the other side. */
export type Outcome =
  | { kind: 'value' | 'thrown value'; value: unknown; init: Sent | null }
  | { kind: 'response' | 'thrown response'; body: Uint8Array; init: Sent }
  | { kind: 'thrown'; error: { name: string; message: string; stack: string } };

/** Status and headers of something sent, as a thread can be handed them. */
export interface Sent {
  status: number;
  headers: [name: string, value: string][];
}

/** A page as it was made. */
export interface PageMade extends Sent {
  body: Uint8Array;
}
