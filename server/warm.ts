import type { AppLoadContext } from 'react-router';
import { database } from './database/connection';
import { JobRow } from './database/models';
import { makePages } from './pages/pages';

/** How often each page is made before anybody asks for one. */
const TIMES = 2;

const NOBODY: AppLoadContext = {
  nonce: '',
  device: null,
  beyond: false,
  secure: false,
  address: '',
  port: 0,
  host: '',
};

/**
 * Makes the usual pages before the server listens: what is compiled the first time it runs would hold up the first who
 * ask for them.
 */
export async function warmUp(): Promise<void> {
  await database();
  const newest = await JobRow.findOne({ attributes: ['id'], order: [['updatedAt', 'DESC']] });
  const stations = newest ? ['room', 'setups', 'brief'].map((station) => `/jobs/${newest.id}/${station}`) : [];
  for (let time = 0; time < TIMES; time++)
    for (const place of ['/', '/shelf', '/defaults', ...stations]) await makePages(`http://127.0.0.1${place}`, NOBODY);
}
