import { Segmented, Tooltip } from 'antd';
import { memo } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Side } from '#core/job';
import { useAxle } from '../../job/JobContext';
import { BY_SIGN } from '../frame/useJobKeys';

/** Right or left: each corner may carry its own readings. */
export const SideSwitch = memo(() => {
  const { side, setSide } = useAxle();
  useHotkeys('l', () => setSide(side === 'right' ? 'left' : 'right'), BY_SIGN, [side, setSide]);
  return (
    <Tooltip title="Right or left side (L)">
      <Segmented<Side>
        aria-label="Side"
        options={[
          { value: 'right', label: 'Right' },
          { value: 'left', label: 'Left' },
        ]}
        value={side}
        onChange={setSide}
      />
    </Tooltip>
  );
});
SideSwitch.displayName = 'SideSwitch';
