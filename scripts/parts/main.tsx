import '../../app/theme/faces.css';
import '../../app/theme/palette.css';
import '../../app/theme/tokens.css';
import '../../app/theme/table.css';
import '../../app/ui/frame/frame.css';
import '../../app/ui/fields/fields.css';
import '../../app/ui/sheet/sheet.css';
import '../../app/ui/frame/stations.css';
import './parts.css';
import { createRoot } from 'react-dom/client';
import type { Job } from '#core/job';
import kite from '../../demo/brindle-kite.scoval.json';
import { PartStates } from '../../app/testing/PartStates';

createRoot(document.querySelector('#parts')!).render(<PartStates job={kite as unknown as Job} />);
