import type { Tables } from './tables';

/** A save finds its readings and what is undone next without walking through the history. */
export const historyOrder = {
  name: '008-history-order',
  async up({ context: tables }: { context: Tables }): Promise<void> {
    await tables.addIndex('readings', ['job_id', 'revision']);
    await tables.addIndex('changes', ['job_id', 'state', 'revision']);
  },
  async down({ context: tables }: { context: Tables }): Promise<void> {
    await tables.rows('DROP INDEX readings_job_id_revision');
    await tables.rows('DROP INDEX changes_job_id_state_revision');
  },
};
