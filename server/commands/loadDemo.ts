import { closeDatabase } from '../database/connection';
import { loadDemo } from '../demo';
import { runCommand } from './command';

await runCommand(async () => {
  const loaded = await loadDemo();
  if (loaded)
    console.log(`Demo loaded: ${loaded.jobs} jobs, ${loaded.items} items on the shelf, ${loaded.lists} price lists.`);
  await closeDatabase();
});
