import { clearanceHoleMm, THREADS, type Thread } from '#core/fastener';
import { formatNumber } from '#core/units';
import { Dialog } from '../controls/Dialog';
import { RowsTable } from '../table/RowsTable';

/** The threads wheels are fastened with, and where their figures come from. */
export function ThreadTable({ close }: { close(): void }) {
  return (
    <Dialog onCancel={close} footer={null} title="Threads" width={560}>
      <RowsTable<Thread>
        rowKey={({ name }) => name}
        height="27.5rem"
        rows={THREADS}
        columns={[
          { title: 'Thread', key: 'name', render: ({ name }) => <b className="figure">{name}</b> },
          {
            title: 'Diameter, mm',
            key: 'd',
            align: 'right',
            render: ({ diameterMm }) => <span className="figure">{formatNumber(diameterMm, 2)}</span>,
          },
          {
            title: 'Pitch, mm',
            key: 'p',
            align: 'right',
            render: ({ pitchMm }) => <span className="figure">{formatNumber(pitchMm, 2)}</span>,
          },
          {
            title: 'Stress area, mm²',
            key: 'a',
            align: 'right',
            render: ({ stressAreaMm2 }) => <span className="figure">{formatNumber(stressAreaMm2, 1)}</span>,
          },
          {
            title: 'Hole, mm',
            key: 'h',
            align: 'right',
            render: ({ diameterMm }) => <span className="figure">{formatNumber(clearanceHoleMm(diameterMm), 1)}</span>,
          },
        ]}
      />
      <p className="soft">
        Metric: ISO 261, stress area π/4 · (d − 0.9382 P)² of ISO 898-1. Unified: ASME B1.1. Holes: ISO 273, fine
        series, from memory; others d + 1.
      </p>
    </Dialog>
  );
}
