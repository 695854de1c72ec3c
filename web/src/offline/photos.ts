import { useEffect, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { sendPhoto } from '../api/client';
import { ProblemError } from '../api/problem';
import { store } from './store';

/** Sends a picture; without a network it is kept here and sent with the entry that names it. Gives the name to use. */
export async function sendOrKeep(file: File, userId: string): Promise<string> {
  try {
    return (await sendPhoto(file)).sha256;
  } catch (error) {
    if (error instanceof ProblemError) {
      throw error;
    }
    const id = uuid();
    await store.photos.add({ id, userId, blob: file });

    return id;
  }
}

/** Where to see a picture that is still on the tablet; nothing when the yard has it. */
export function useKeptPhoto(name: string): string | undefined {
  const [url, setUrl] = useState<string>();
  useEffect(() => {
    let made: string | undefined;
    let isGone = false;
    void store.photos.get(name).then((photo) => {
      if (photo !== undefined && !isGone) {
        made = URL.createObjectURL(photo.blob);
        setUrl(made);
      }
    });

    return () => {
      isGone = true;
      if (made !== undefined) {
        URL.revokeObjectURL(made);
      }
    };
  }, [name]);

  return url;
}
