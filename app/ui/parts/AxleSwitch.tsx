import { Segmented, Tooltip } from 'antd';
import type { AxleName } from '#core/job';
import { useJob } from '../../job/JobContext';

/** Front or rear: kept from station to station. */
export function AxleSwitch() {
  const { axle, setAxle } = useJob();
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
}
