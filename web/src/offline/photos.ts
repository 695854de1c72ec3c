import { useEffect, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { ProblemError } from '../api/problem';
import { uploadChunks } from './uploadChunks';
import { store, type KeptPhoto } from './store';

/** Answers after which the same thing is sent again: sign in first, the page has expired, too often. */
const WAITS = [401, 419, 429];

/**
 * Keeps a picture on the tablet and sends it; without a network it waits for the entry that names it. Gives the name
 * to use.
 */
export async function sendOrKeep(file: File, userId: string): Promise<string> {
  const photo: KeptPhoto = { id: uuid(), userId, blob: file };
  await store.photos.add(photo);
  try {
    const name = await uploadChunks(photo);
    await store.photos.delete(photo.id);

    return name;
  } catch (error) {
    if (error instanceof ProblemError && error.problem.status < 500 && !WAITS.includes(error.problem.status)) {
      // The yard does not want it: nothing is lost by letting it go, and whoever took it is told.
      await store.photos.delete(photo.id);
      throw error;
    }

    return photo.id;
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
