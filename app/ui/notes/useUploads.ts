import { useCallback, useEffect, useRef, useState } from 'react';
import type { Photo } from '#core/note';
import { photoFault } from '#formats/photos';
import { sendPhoto } from './sendPhoto';

/** A photo on its way to the server. */
export interface Upload {
  key: number;
  name: string;
  file: File;
  state: 'sending' | 'kept' | 'refused';
  photo?: Photo;
  /** Why it is not kept. */
  fault?: string;
}

export interface Uploads {
  all: readonly Upload[];
  photos: readonly Photo[];
  isSending: boolean;
  add(files: readonly File[]): void;
  again(upload: Upload): void;
  drop(upload: Upload): void;
  clear(): void;
}

/** Why a file cannot be a photo, by its size and its beginning: told before it is sent. */
async function faultOf(file: File): Promise<string | null> {
  const head = new Uint8Array(await file.slice(0, 1024).arrayBuffer());
  return photoFault(head, file.size);
}

/**
 * Sends photos to the server as they are chosen; one that was refused stays with the reason.
 * @param done what becomes of a photo that is kept; left out where it waits here
 */
export function useUploads(done?: (photo: Photo) => void): Uploads {
  const taken = useRef(done);
  useEffect(() => {
    taken.current = done;
  });
  const [all, setAll] = useState<readonly Upload[]>([]);
  const last = useRef(0);
  const send = useCallback(async ({ key, file }: Upload) => {
    const put = (change: Partial<Upload>) =>
      setAll((now) => now.map((one) => (one.key === key ? { ...one, ...change } : one)));
    const fault = await faultOf(file).catch(() => 'cannot be read by this browser');
    const answer = fault === null ? await sendPhoto(file) : { fault };
    if (!answer.photo) return put({ state: 'refused', fault: answer.fault });
    if (!taken.current) return put({ state: 'kept', photo: answer.photo });
    taken.current(answer.photo);
    setAll((now) => now.filter((one) => one.key !== key));
  }, []);
  return {
    all,
    photos: all.flatMap(({ photo }) => photo ?? []),
    isSending: all.some(({ state }) => state === 'sending'),
    add: (files) => {
      const added = files.map((file): Upload => ({ key: ++last.current, name: file.name, file, state: 'sending' }));
      setAll((now) => [...now, ...added]);
      for (const upload of added) void send(upload);
    },
    again: (upload) => {
      setAll((now) => now.map((one) => (one.key === upload.key ? { ...one, state: 'sending' } : one)));
      void send(upload);
    },
    drop: ({ key }) => setAll((now) => now.filter((one) => one.key !== key)),
    clear: () => setAll([]),
  };
}
