import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useSelection } from '../../job/SelectionContext';
import type { SightChange } from '../../job/sight';

interface ToStationProps {
  station: string;
  /** What it shows there, where that is not as it was left. */
  sight?: SightChange;
  children: ReactNode;
}

/** Leads to another station, with the same axle, side and setup. */
export const ToStation = ({ station, sight = {}, children }: ToStationProps) => {
  const { addressOf } = useSelection();
  return <Link to={addressOf(station, sight)}>{children}</Link>;
};
