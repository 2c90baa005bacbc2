import { z } from 'zod';
import { ApiProblem, Unreachable } from './client';
import { apiBase } from './tour';

/** px of the longer side, and how finely it is packed: a spot on a leaf is still a spot, and it is under 1 MB. */
const longest = 1600;
const quality = 0.82;
/** More than a camera of 60 megapixels makes of one. */
const largestFile = 60_000_000;

/** Where a photograph lies. */
export const photoAt = (id: string): string => `${apiBase()}/photos/${encodeURIComponent(id)}`;

/** Opens the camera, or a choice of pictures. @returns undefined where nothing was chosen */
export const choosePicture = (): Promise<File | undefined> => chooseFile('image/*');

/** Lets a file be chosen. @param kinds as the browser names them @returns undefined where nothing was chosen */
export const chooseFile = (kinds: string): Promise<File | undefined> =>
  new Promise((chosen) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = kinds;
    input.onchange = () => chosen(input.files?.[0]);
    input.oncancel = () => chosen(undefined);
    input.click();
  });

/**
 * Makes a picture small and sends it. Drawn anew, it holds nothing of what the camera wrote beside it.
 * @returns its id @throws Error in words, where it is no picture or too large
 */
export async function sendPicture(file: File): Promise<string> {
  if (file.size > largestFile) throw new Error('That file is larger than 60 MB; choose a smaller picture.');
  const jpeg = await smaller(file);
  let response: Response;
  try {
    response = await fetch(`${apiBase()}/photos`, {
      method: 'POST',
      headers: { 'Content-Type': 'image/jpeg' },
      body: jpeg,
    });
  } catch {
    throw new Unreachable();
  }
  const body: unknown = await response.json().catch(() => undefined);
  if (!response.ok) {
    const { detail } = z.object({ detail: z.string() }).catch({ detail: 'It could not be kept.' }).parse(body);
    throw new ApiProblem(response.status, detail);
  }
  return z.object({ id: z.string() }).parse(body).id;
}

async function smaller(file: File): Promise<Blob> {
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file);
  } catch {
    throw new Error('That is no picture that this device can read; take or choose another.');
  }
  const scale = Math.min(1, longest / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return new Promise((made, failed) =>
    canvas.toBlob(
      (blob) => (blob ? made(blob) : failed(new Error('The picture could not be made smaller.'))),
      'image/jpeg',
      quality,
    ),
  );
}
