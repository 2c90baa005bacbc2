import {
  countSpecks,
  measuredSide,
  measureLeaf,
  specksSide,
  spotted,
  type MeasureTrouble,
  type SickLook,
  type SpecksTrouble,
} from '@trowel/core/measure';

/** Off the page's thread: a photograph is unpacked once, and measured anew each time the line is moved. */

/** What is on it: one leaf on plain paper, or a card with specks. */
export type MeasuredThing = 'leaf' | 'card';
export type AskedMeasure =
  | { readonly kind: 'picture'; readonly of: MeasuredThing; readonly jpeg: Blob; readonly paint: string }
  /** Where the line between sound and sick, or card and speck, is drawn, 0–1. */
  | { readonly kind: 'line'; readonly level: number };

interface Found {
  readonly low: number;
  readonly high: number;
  readonly level: number;
  /** What counts, painted over nothing, in the shape of the photograph. */
  readonly shown: Blob;
}
export type ToldMeasure =
  | (Found & {
      readonly kind: 'measured';
      readonly share: number;
      readonly looks: Readonly<Record<SickLook, number>>;
    })
  | (Found & { readonly kind: 'counted'; readonly count: number })
  | { readonly kind: 'cannot'; readonly because: MeasureTrouble }
  | { readonly kind: 'cannot-count'; readonly because: SpecksTrouble }
  | { readonly kind: 'broken'; readonly why: string };

const tell = (told: ToldMeasure) => self.postMessage(told);

let picture: ImageData | undefined;
let thing: MeasuredThing = 'leaf';
/** Red, green and blue of what counts. */
let paint: readonly number[] = [];

const drawn = (width: number, height: number) => {
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext('2d');
  if (!context) throw new Error('this browser cannot draw here');
  return { canvas, context };
};

async function unpacked(jpeg: Blob, side: number, colour: string): Promise<void> {
  const bitmap = await createImageBitmap(jpeg);
  const scale = Math.min(1, side / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [Math.round(bitmap.width * scale), Math.round(bitmap.height * scale)];
  const { context } = drawn(width, height);
  context.fillStyle = colour;
  context.fillRect(0, 0, 1, 1);
  paint = [...context.getImageData(0, 0, 1, 1).data.slice(0, 3)];
  context.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  picture = context.getImageData(0, 0, width, height);
}

/** How strongly it is painted over, of 255: what lies under it is still seen. */
const opacity = 205;

/** What a mask marks, painted. */
async function painted({ width, height }: ImageData, mask: Uint8Array, mark: number): Promise<Blob> {
  const { canvas, context } = drawn(width, height);
  const over = context.createImageData(width, height);
  mask.forEach((one, at) => {
    if (one === mark) over.data.set([...paint, opacity], at * 4);
  });
  context.putImageData(over, 0, 0);
  return canvas.convertToBlob();
}

async function measure(level?: number): Promise<ToldMeasure> {
  if (!picture) throw new Error('no picture was sent');
  if (thing === 'card') {
    const found = countSpecks(picture, level);
    if (found.kind === 'cannot') return { kind: 'cannot-count', because: found.because };
    const { mask, ...rest } = found;
    return { ...rest, shown: await painted(picture, mask, 1) };
  }
  const found = measureLeaf(picture, level);
  if (found.kind === 'cannot') return found;
  const { mask, ...rest } = found;
  return { ...rest, shown: await painted(picture, mask, spotted) };
}

self.onmessage = async ({ data }: MessageEvent<AskedMeasure>) => {
  try {
    if (data.kind === 'picture') {
      thing = data.of;
      await unpacked(data.jpeg, thing === 'card' ? specksSide : measuredSide, data.paint);
    }
    tell(await measure(data.kind === 'line' ? data.level : undefined));
  } catch (error) {
    tell({ kind: 'broken', why: error instanceof Error ? error.message : String(error) });
  }
};
