import { createContext } from 'react';

/** Texts that were typed and are no value yet, by the field they stand in; they outlive the page they stand on. */
export const DraftsContext = createContext<Map<string, string>>(new Map());
