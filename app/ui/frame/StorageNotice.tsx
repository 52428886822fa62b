import { useSyncExternalStore } from 'react';
import { roomToKeep } from '../../job/waiting';

/** Said before anything is typed: a browser that refuses storage, or is full, keeps nothing that is not saved. */
export function StorageNotice() {
  const hasRoom = useSyncExternalStore(roomToKeep.subscribe, roomToKeep.get, () => true);
  if (hasRoom) return null;
  return (
    <span className="saved saved-bad" role="alert">
      This browser has no room for unsaved readings: without the network, a reload loses them.
    </span>
  );
}
