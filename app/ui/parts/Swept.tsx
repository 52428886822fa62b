import type { ReactNode } from 'react';
import './swept.css';

/** What was found for a setup; while it is from before a change it stands back, and says so to those who listen. */
export const Swept = ({ isStale, children }: { isStale: boolean; children: ReactNode }) => (
  <div className="swept" data-stale={isStale}>
    {isStale && <span className="visually-hidden">From before the change: </span>}
    {children}
  </div>
);
