import { Button, Progress } from 'antd';
import type { Asked } from '../../job/useAsked';
import './askedStatus.css';

/**
 * What the worker is doing for a question: how far it is, a way to stop it, and a way on after it died or was stopped.
 */
export function AskedStatus({ asked, doing, again }: { asked: Asked<unknown>; doing: string; again: string }) {
  if (asked.name === 'running')
    return (
      <span className="asked-status">
        <Progress percent={Math.round(100 * asked.share)} size="small" showInfo={false} aria-label={doing} />
        <Button size="small" onClick={asked.stop}>
          Stop
        </Button>
      </span>
    );
  if (asked.name === 'died')
    return (
      <span className="asked-status is-fail" role="alert">
        The worker ended by itself.
        <Button size="small" onClick={asked.start}>
          Try again
        </Button>
      </span>
    );
  if (asked.name === 'idle')
    return (
      <Button size="small" onClick={asked.start}>
        {again}
      </Button>
    );
  return null;
}
