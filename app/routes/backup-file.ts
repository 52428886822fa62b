import { createReadStream } from 'node:fs';
import { createReadableStreamFromReadable } from '@react-router/node';
import { backupsFolder, dataFolder } from '#server/base/folder';
import { copiesIn } from '#server/database/copies';
import type { Route } from './+types/backup-file';

/** A backup, to keep elsewhere. */
export function loader({ params }: Route.LoaderArgs) {
  const copy = copiesIn(backupsFolder(dataFolder())).find(({ name }) => name === params.name);
  if (!copy) throw new Response('no such backup', { status: 404 });
  return new Response(createReadableStreamFromReadable(createReadStream(copy.file)), {
    headers: {
      'Content-Type': 'application/vnd.sqlite3',
      'Content-Length': String(copy.bytes),
      'Content-Disposition': `attachment; filename="${copy.name}"`,
    },
  });
}
