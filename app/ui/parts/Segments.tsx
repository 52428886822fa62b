import { Segmented, type SegmentedProps } from 'antd';

/** A few words to choose one of; a single stop of the Tab key, the arrows choose. */
export const Segments = <T extends string | number>(props: Omit<SegmentedProps<T>, 'ref'>) => (
  <Segmented<T> {...props} tabIndex={-1} />
);
