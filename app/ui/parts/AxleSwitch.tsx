import { Segmented, Tooltip } from 'antd';
import type { AxleName } from '#core/job';
import { memo } from 'react';
import { useAxle } from '../../job/JobContext';

/** Front or rear: kept from station to station. */
export const AxleSwitch = memo(() => {
  const { axle, setAxle } = useAxle();
  return (
    <Tooltip title="Front or rear axle (A)">
      <Segmented<AxleName>
        aria-label="Axle"
        options={[
          { value: 'front', label: 'Front' },
          { value: 'rear', label: 'Rear' },
        ]}
        value={axle}
        onChange={setAxle}
      />
    </Tooltip>
  );
});
AxleSwitch.displayName = 'AxleSwitch';
