import { expose, proxy } from 'comlink';
import { FindSession, type FindAsk } from '#core/find';

const work = { start: (ask: FindAsk) => proxy(new FindSession(ask, () => performance.now())) };
export type FindWork = typeof work;

expose(work);
