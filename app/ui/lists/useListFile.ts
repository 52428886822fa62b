import { useState } from 'react';
import { useFetcher } from 'react-router';
import type { ListMapping } from '#formats/priceList';
import type { ListKind } from '#formats/priceList/columns';
import type { ListAnswer } from './listCommands';

/** What is said of a list; what is left out is guessed. */
interface Said {
  supplier?: string;
  mapping?: ListMapping;
  kind?: ListKind;
}

/** A list in hand: looked at as often as what is said of it changes, then taken in. */
export function useListFile() {
  const fetcher = useFetcher<ListAnswer>({ key: 'price-list' });
  const [file, setFile] = useState<File | null>(null);
  const send = (of: File, asked: { intent: 'look' | 'take'; leaveOut?: boolean } & Said) => {
    const form = new FormData();
    form.set('file', of);
    form.set('asked', JSON.stringify(asked));
    return fetcher.submit(form, { method: 'post', action: '/price-lists', encType: 'multipart/form-data' });
  };
  return {
    file,
    busy: fetcher.state !== 'idle',
    answer: fetcher.data ?? null,
    choose(of: File | undefined, supplier: string) {
      if (!of) return;
      setFile(of);
      void send(of, { intent: 'look', ...(supplier === '' ? {} : { supplier }) });
    },
    look(said: Said) {
      if (file) void send(file, { intent: 'look', ...said });
    },
    take(said: { supplier: string; mapping: ListMapping; leaveOut: boolean }) {
      if (file) void send(file, { intent: 'take', ...said });
    },
  };
}
