import dayjs from 'dayjs';
import { useOnClient } from '../controls/useOnClient';

interface MomentProps {
  at: string;
  format?: string;
  /** What stands there until the browser knows, where its day would take more room. */
  until?: string;
}

/** A time as the reader's own clock has it; until the browser knows, its day. */
export function Moment({ at, format = 'D MMM YYYY HH:mm', until = at.slice(0, 10) }: MomentProps) {
  const text = useOnClient(() => dayjs(at).format(format), until);
  return <time dateTime={at}>{text}</time>;
}
