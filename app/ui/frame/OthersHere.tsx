import { useSaves } from '../../job/DocumentContext';
import { othersText } from '../doors/othersText';
import { Tip } from '../controls/Tip';
import { TeamOutlined } from '../controls/icons';

/** Who else has the job open: what they save shows here by itself. */
export function OthersHere() {
  const { others } = useSaves();
  if (others.length === 0) return null;
  const said = othersText(others);
  return (
    <Tip title={`Also open here: ${said}. What is saved there shows at once.`}>
      <span className="strip-others" role="status" tabIndex={0}>
        <TeamOutlined aria-hidden /> <span className="figure">{others.length}</span>
        <span className="visually-hidden"> also open here: {said}</span>
      </span>
    </Tip>
  );
}
