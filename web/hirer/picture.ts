/** Pixels of the longer edge: enough to see a leak, little enough for a phone to keep. */
const LONGEST = 1400;
const QUALITY = 0.8;

/** A picture small enough to be kept and sent, as a data address; nothing where it is none. */
export async function smallPicture(file: Blob): Promise<string | null> {
  if (!file.type.startsWith('image/')) {
    return null;
  }
  try {
    const image = await createImageBitmap(file);
    const scale = Math.min(1, LONGEST / Math.max(image.width, image.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round(image.width * scale));
    canvas.height = Math.max(1, Math.round(image.height * scale));
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);

    return canvas.toDataURL('image/jpeg', QUALITY);
  } catch {
    return null;
  }
}

export function blobOf(address: string): Blob {
  const bytes = atob(address.slice(address.indexOf(',') + 1));

  return new Blob([Uint8Array.from(bytes, (letter) => letter.charCodeAt(0))], { type: 'image/jpeg' });
}
