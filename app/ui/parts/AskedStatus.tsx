import { Button } from '../controls/Button';
import { Progress } from '../controls/Progress';
import './askedStatus.css';

/** Something that was asked of a worker, while it has no answer. */
interface Asking {
  name: 'idle' | 'running' | 'done' | 'died';
  share: number;
  start(): void;
  stop(): void;
}

/** What the worker is doing for a question: how far it is with a way to stop it, or a way to ask it. */
export function AskedStatus({ asked, doing, again }: { asked: Asking; doing: string; again: string }) {
  if (asked.name === 'done') return null;
  if (asked.name !== 'running')
    return (
      <Button size="small" onClick={asked.start}>
        {again}
      </Button>
    );
  return (
    <span className="asked-status">
      <Progress share={asked.share} label={doing} />
      <Button size="small" onClick={asked.stop}>
        Stop
      </Button>
    </span>
  );
}
