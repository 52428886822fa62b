import { useSelection } from '../../job/SelectionContext';

/** The corner in hand, as a heading. */
export function CornerName({ caption }: { caption?: string }) {
  const { axle, side } = useSelection();
  return (
    <h1>
      {axle === 'front' ? 'Front' : 'Rear'} {side} {caption && <span className="soft">{caption}</span>}
    </h1>
  );
}
