import { inputError } from '@trowel/core/contract';

/** A JPEG as it is kept: nothing in it but the picture. */
export interface Picture {
  readonly jpeg: Buffer;
  readonly width: number;
  readonly height: number;
}

/** px on the longer side; the page makes them no larger. */
const longest = 2048;

/**
 * Reads the segments of a JPEG and leaves out all that a camera writes beside the picture: place, time, owner, maker
 * (APP1 to APP13, APP15, comments). JFIF and the colour transform (APP0, APP14) stay.
 * @throws InputError where it is none, or too large
 */
export function pictureOnly(bytes: Buffer): Picture {
  if (bytes.length < 4 || bytes.readUInt16BE(0) !== 0xffd8) throw inputError('photo', 'not-a-jpeg');
  const kept: Buffer[] = [bytes.subarray(0, 2)];
  let size: { width: number; height: number } | undefined;
  let at = 2;
  while (at + 4 <= bytes.length) {
    if (bytes[at] !== 0xff) throw inputError('photo', 'not-a-jpeg');
    const marker = bytes[at + 1] ?? 0;
    const length = bytes.readUInt16BE(at + 2);
    const end = at + 2 + length;
    if (length < 2 || end > bytes.length) throw inputError('photo', 'not-a-jpeg');
    if (isFrame(marker)) size = { height: bytes.readUInt16BE(at + 5), width: bytes.readUInt16BE(at + 7) };
    if (!isBeside(marker)) kept.push(bytes.subarray(at, end));
    at = end;
    // After the start of the scan comes the picture itself, to the end.
    if (marker === 0xda) {
      kept.push(bytes.subarray(at));
      if (!size || size.width === 0 || size.height === 0) throw inputError('photo', 'not-a-jpeg');
      if (Math.max(size.width, size.height) > longest)
        throw inputError('photo', 'picture-too-large', { most: longest });
      return { jpeg: Buffer.concat(kept), ...size };
    }
  }
  throw inputError('photo', 'not-a-jpeg');
}

/** Start of a frame, which tells the size: C0 to CF without tables (C4, CC) and the reserved C8. */
const isFrame = (marker: number) => marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);
const isBeside = (marker: number) => marker === 0xfe || (marker >= 0xe1 && marker <= 0xef && marker !== 0xee);
