import { useState, type ReactNode } from 'react';
import { createMemoryRouter } from 'react-router';
import { RouterProvider } from 'react-router/dom';
import type { Edit, Job } from '#core/job';
import type { SaveResult } from '#server/saved';
import type { OpenJob } from '#formats/openJob';
import { JobProvider } from '../job/JobProvider';
import type { Unreachable } from '../job/jobState';
import { DEFAULT_PREFERENCES, type Preferences } from '../preferences/preferences';
import { PreferencesProvider } from '../preferences/PreferencesContext';

/** What a table sends to be saved. */
export interface Sent {
  intent: 'edit' | 'undo' | 'redo';
  revision: number;
  edits?: Edit[];
}

interface TableOfProps {
  job: Job;
  /** The station and what is looked at there, such as `setups?axle=rear`. */
  at?: string;
  /** What the server makes of a save; without, it saves everything. */
  answer?(sent: Sent): SaveResult | Unreachable;
  preferences?: Partial<Preferences>;
  children: ReactNode;
}

/** The job as the server would open it. */
export const opened = (job: Job): OpenJob => ({
  id: 'table',
  number: 'SK-001',
  revision: 1,
  job,
  updatedAt: '2026-03-01T09:30:00.000Z',
  archived: false,
  readings: [],
  undo: null,
  redo: null,
  rulesMoved: null,
});

/** A server that saves everything. */
export const saveAll = ({ revision, edits = [] }: Sent): SaveResult => ({
  status: 'saved',
  revision: revision + 1,
  updatedAt: '2026-03-01T09:31:00.000Z',
  undo: edits.length > 0 ? 'the change' : null,
  redo: null,
  made: 'as sent',
  readings: [],
  withdrawn: { ids: [], withdrawn: false },
  dropped: [],
});

/** Parts of a station over a job, without a server: to be tried one by one. */
export function TableOf({ job, at = 'setups', answer = saveAll, preferences = {}, children }: TableOfProps) {
  const [router] = useState(() =>
    createMemoryRouter(
      [
        {
          path: '/jobs/:jobId',
          element: (
            <JobProvider open={opened(job)} house={{}}>
              {children}
            </JobProvider>
          ),
          action: async ({ request }) => answer((await request.json()) as Sent),
          children: [{ path: '*', element: null }],
        },
      ],
      { initialEntries: [`/jobs/table/${at}`] },
    ),
  );
  return (
    <PreferencesProvider initial={{ ...DEFAULT_PREFERENCES, ...preferences }}>
      <RouterProvider router={router} />
    </PreferencesProvider>
  );
}
