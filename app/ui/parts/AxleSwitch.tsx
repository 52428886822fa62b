import { memo } from 'react';
import type { AxleName } from '#core/job';
import { useSelection } from '../../job/SelectionContext';
import { WordSwitch } from './WordSwitch';

const AXLE_NAMES: readonly (readonly [AxleName, string])[] = [
  ['front', 'Front'],
  ['rear', 'Rear'],
];

/** Front or rear: kept from station to station. */
export const AxleSwitch = memo(() => {
  const { axle, setAxle } = useSelection();
  return <WordSwitch label="Axle" tip="Front or rear axle (A)" options={AXLE_NAMES} value={axle} choose={setAxle} />;
});
AxleSwitch.displayName = 'AxleSwitch';
