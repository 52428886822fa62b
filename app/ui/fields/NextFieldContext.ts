import { createContext } from 'react';

/** Goes from a field to the one that follows it in the order of the work; says whether there is one. */
export const NextFieldContext = createContext<(from: HTMLInputElement) => boolean>(() => false);
