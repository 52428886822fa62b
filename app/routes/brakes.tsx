import { useSelection } from '../job/SelectionContext';
import { BrakesView } from '../ui/brakes/BrakesView';

/** The brake in a wheel: how much room spokes, barrel and weights leave it, and what makes it clear. */
export default function BrakesPage() {
  const { axle } = useSelection();
  return <BrakesView key={axle} axle={axle} />;
}
