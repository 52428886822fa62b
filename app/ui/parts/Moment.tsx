import dayjs from 'dayjs';
import { useOnClient } from '../controls/useOnClient';

/** A time as the reader's own clock has it; until the browser knows, its day. */
export function Moment({ at, format = 'D MMM YYYY HH:mm' }: { at: string; format?: string }) {
  const text = useOnClient(() => dayjs(at).format(format), at.slice(0, 10));
  return <time dateTime={at}>{text}</time>;
}
