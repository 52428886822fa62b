import { useSaves } from '../../job/DocumentContext';
import { Tip } from '../parts/Tip';
import { TeamOutlined } from '../parts/icons';

/** Who else has the job open: what they save shows here by itself. */
export function OthersHere() {
  const { others } = useSaves();
  if (others.length === 0) return null;
  const names = others.map(({ name }) => name ?? 'another screen');
  const said = [...new Set(names)].map((name) => {
    const count = names.filter((one) => one === name).length;
    return count > 1 ? `${name} ×${count}` : name;
  });
  return (
    <Tip title={`Also open here: ${said.join(', ')}. What is saved there shows at once.`}>
      <span className="strip-others" role="status" tabIndex={0}>
        <TeamOutlined aria-hidden /> <span className="figure">{others.length}</span>
        <span className="visually-hidden"> also open here: {said.join(', ')}</span>
      </span>
    </Tip>
  );
}
