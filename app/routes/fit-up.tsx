import { FitUpView } from '../ui/fitup/FitUpView';

/** The setup goes on the car: what is done there, and what the car says. */
export default function FitUpPage() {
  return <FitUpView />;
}
