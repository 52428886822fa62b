import type { ReactNode } from 'react';
import type { ShopDefaults } from '#core/job';
import type { OpenJob } from '#formats/openJob';
import { DocumentProvider } from './DocumentContext';
import { ReportsProvider } from './ReportsContext';
import { SelectionProvider } from './SelectionContext';
import { ShelfProvider } from './ShelfContext';
import { SweepsProvider } from './SweepsContext';

interface JobProviderProps {
  open: OpenJob;
  /** The shop's own limits and rules. */
  house: ShopDefaults;
  children: ReactNode;
}

/** A job on the table, for every station: its document, what is looked at, its sweeps and what is judged of it. */
export const JobProvider = ({ open, house, children }: JobProviderProps) => (
  <DocumentProvider open={open} house={house}>
    <SelectionProvider jobId={open.id}>
      <ShelfProvider>
        <SweepsProvider>
          <ReportsProvider>{children}</ReportsProvider>
        </SweepsProvider>
      </ShelfProvider>
    </SelectionProvider>
  </DocumentProvider>
);
