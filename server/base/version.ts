import { version } from '../../package.json';

/** The product's version. */
export const VERSION: string = version;
