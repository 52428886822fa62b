import { useState } from 'react';
import { Button } from '../controls/Button';
import { useDocument, useSaves } from '../../job/DocumentContext';
import { DownloadOutlined, PrinterOutlined } from '../controls/icons';
import { PaperSelect, type Paper } from '../parts/PaperSelect';
import './cost.css';

/** The order list of a setup, on paper or for a spreadsheet; it is made of what is saved. */
export function OrderTools({ setup }: { setup: string }) {
  const { id } = useDocument();
  const { state } = useSaves();
  const [paper, setPaper] = useState<Paper>('a4');
  const isSaving = state.queue.length > 0;
  const of = `setup=${encodeURIComponent(setup)}`;
  return (
    <div className="order-tools">
      <Button icon={<PrinterOutlined />} disabled={isSaving} href={`/jobs/${id}/order.pdf?${of}&paper=${paper}`}>
        Order list
      </Button>
      <PaperSelect value={paper} choose={setPaper} />
      <Button icon={<DownloadOutlined />} disabled={isSaving} href={`/jobs/${id}/order.csv?${of}`}>
        Export CSV
      </Button>
    </div>
  );
}
