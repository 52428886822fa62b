// Lets a thread load what is not built: the loader of the command itself does not reach into its threads.
import { register } from 'tsx/esm/api';

register();
await import('./findWorker.ts');
