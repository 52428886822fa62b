import { lazy, Suspense } from 'react';
import { Button } from '../controls/Button';
import { useDialog } from '../../job/useSight';

// The table comes when it is asked for.
const ThreadTable = lazy(() => import('./ThreadTable').then((module) => ({ default: module.ThreadTable })));

/** Opens the table of threads. */
export function ThreadTableButton() {
  const dialog = useDialog('threads');
  return (
    <>
      <Button size="small" onClick={dialog.open}>
        Thread table
      </Button>
      <Suspense>{dialog.isOpen && <ThreadTable close={dialog.close} />}</Suspense>
    </>
  );
}
