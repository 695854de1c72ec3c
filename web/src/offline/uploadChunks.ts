import { answer, api, type Schema } from '../api/client';
import { ProblemError } from '../api/problem';
import { store, type KeptPhoto } from './store';

/** Small enough to come through on a bad network, large enough not to ask a hundred times. */
const PIECE_BYTES = 256 * 1024;

type Upload = Schema['PhotoUpload'];

/**
 * Sends a picture that is kept on this tablet, from where it stopped the last time. Gives the name that the yard has
 * for it.
 */
export async function uploadChunks(photo: KeptPhoto): Promise<string> {
  let upload = (await goOn(photo)) ?? (await begin(photo));
  while (upload.photo === null) {
    upload = await sendPiece(upload, photo);
  }

  return upload.photo;
}

/** The yard takes it from nobody else, whoever has signed in meanwhile. */
const enteredBy = (photo: KeptPhoto) => ({ 'X-Actor': photo.userId });

async function begin(photo: KeptPhoto): Promise<Upload> {
  const upload = await answer(
    api.POST('/api/photo-uploads', { headers: enteredBy(photo), body: { bytes: photo.blob.size } }),
  );
  await store.photos.update(photo.id, { upload: upload.id });

  return upload;
}

/** Where the yard has got to; nothing when it has forgotten, or was never told. */
async function goOn({ upload }: KeptPhoto): Promise<Upload | undefined> {
  if (upload === undefined) {
    return undefined;
  }
  try {
    return await answer(api.GET('/api/photo-uploads/{upload}', { params: { path: { upload } } }));
  } catch (error) {
    if (error instanceof ProblemError && error.problem.status === 404) {
      return undefined;
    }
    throw error;
  }
}

async function sendPiece({ id, offset }: Upload, photo: KeptPhoto): Promise<Upload> {
  const piece = photo.blob.slice(offset, offset + PIECE_BYTES);

  return answer(
    api.PATCH('/api/photo-uploads/{upload}', {
      params: { path: { upload: id }, query: { offset } },
      body: piece as never,
      bodySerializer: (bytes) => bytes as unknown as Blob,
      headers: { 'Content-Type': 'application/octet-stream', ...enteredBy(photo) },
    }),
  );
}
