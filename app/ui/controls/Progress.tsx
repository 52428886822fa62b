import './progress.css';

/** How far a calculation is, as a share. */
export const Progress = ({ share, label }: { share: number; label: string }) => (
  <progress className="progress" max={100} value={Math.round(100 * share)} aria-label={label} />
);
