import { useCallback, useMemo } from 'react';
import { pairIn, pairText } from '../../job/sight';
import { useSightText } from '../../job/useSight';
import type { Place } from './chartScale';

/** The place of the window that was chosen: it stands in the address. */
export function useSightPlace(): [Place | null, (place: Place) => void] {
  const [text, setText] = useSightText('place');
  const place = useMemo(() => {
    const pair = pairIn(text);
    return pair && { offsetMm: pair[0], rimWidthIn: pair[1] };
  }, [text]);
  const pin = useCallback(({ offsetMm, rimWidthIn }: Place) => setText(pairText(offsetMm, rimWidthIn)), [setText]);
  return [place, pin];
}
