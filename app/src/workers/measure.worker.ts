import { measuredSide, measureLeaf, spotted, type MeasureTrouble } from '@trowel/core/measure';

/** Off the page's thread: a photograph is unpacked once, and measured anew each time the line is moved. */

export type AskedMeasure =
  | { readonly kind: 'picture'; readonly jpeg: Blob; readonly paint: string }
  /** Where the line between sound and spotted is drawn, 0–1. */
  | { readonly kind: 'line'; readonly level: number };
export type ToldMeasure =
  | {
      readonly kind: 'measured';
      readonly share: number;
      readonly low: number;
      readonly high: number;
      readonly level: number;
      /** What counts as spotted, painted over nothing, in the shape of the photograph. */
      readonly shown: Blob;
    }
  | { readonly kind: 'cannot'; readonly because: MeasureTrouble }
  | { readonly kind: 'broken'; readonly why: string };

const tell = (told: ToldMeasure) => self.postMessage(told);

let picture: ImageData | undefined;
/** Red, green and blue of what is spotted. */
let paint: readonly number[] = [];

const drawn = (width: number, height: number) => {
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext('2d');
  if (!context) throw new Error('this browser cannot draw here');
  return { canvas, context };
};

async function unpacked(jpeg: Blob, colour: string): Promise<void> {
  const bitmap = await createImageBitmap(jpeg);
  const scale = Math.min(1, measuredSide / Math.max(bitmap.width, bitmap.height));
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

async function measure(level?: number): Promise<ToldMeasure> {
  if (!picture) throw new Error('no picture was sent');
  const found = measureLeaf(picture, level);
  if (found.kind === 'cannot') return found;
  const { canvas, context } = drawn(picture.width, picture.height);
  const over = context.createImageData(picture.width, picture.height);
  found.mask.forEach((one, at) => {
    if (one === spotted) over.data.set([...paint, opacity], at * 4);
  });
  context.putImageData(over, 0, 0);
  const { share, low, high, level: at } = found;
  return { kind: 'measured', share, low, high, level: at, shown: await canvas.convertToBlob() };
}

self.onmessage = async ({ data }: MessageEvent<AskedMeasure>) => {
  try {
    if (data.kind === 'picture') await unpacked(data.jpeg, data.paint);
    tell(await measure(data.kind === 'line' ? data.level : undefined));
  } catch (error) {
    tell({ kind: 'broken', why: error instanceof Error ? error.message : String(error) });
  }
};
