import type { Side } from '#core/sweep';
import { memo } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useSelection } from '../../job/SelectionContext';
import { BY_SIGN } from '../frame/useJobKeys';
import { WordSwitch } from './WordSwitch';

const SIDE_NAMES: readonly (readonly [Side, string])[] = [
  ['right', 'Right'],
  ['left', 'Left'],
];

/** Right or left: each corner may carry its own readings. */
export const SideSwitch = memo(() => {
  const { side, setSide } = useSelection();
  useHotkeys('l', () => setSide(side === 'right' ? 'left' : 'right'), BY_SIGN, [side, setSide]);
  return <WordSwitch label="Side" tip="Right or left side (L)" options={SIDE_NAMES} value={side} choose={setSide} />;
});
SideSwitch.displayName = 'SideSwitch';
