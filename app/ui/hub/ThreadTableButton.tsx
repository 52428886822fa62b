import { Button } from 'antd';
import { lazy, Suspense, useState } from 'react';

// The table comes when it is asked for.
const ThreadTable = lazy(() => import('./ThreadTable').then((module) => ({ default: module.ThreadTable })));

/** Opens the table of threads. */
export function ThreadTableButton() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button size="small" onClick={() => setOpen(true)}>
        Thread table
      </Button>
      <Suspense>{open && <ThreadTable close={() => setOpen(false)} />}</Suspense>
    </>
  );
}
