import type { ReactNode } from 'react';

/** Ties a field to the reading its help belongs to. */
export function Reading({ of, children }: { of: string; children: ReactNode }) {
  return <div data-reading={of}>{children}</div>;
}
