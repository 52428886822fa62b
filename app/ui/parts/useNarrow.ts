import { useMedia } from './useMedia';

/** Whether the screen is too narrow for the sheet and its side panel beside each other; as in the style sheets. */
export const useNarrow = (): boolean => useMedia('(max-width: 56.25em)');
