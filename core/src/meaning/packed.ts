declare function atob(text: string): string;
declare function btoa(text: string): string;

/** Numbers as text: little-endian, base64. `atob` is there in browsers and in Node. */
function bytesOf(text: string): Uint8Array {
  const plain = atob(text);
  const bytes = new Uint8Array(plain.length);
  for (let at = 0; at < plain.length; at += 1) bytes[at] = plain.charCodeAt(at);
  return bytes;
}

export const unpackUint8 = (text: string): Uint8Array => bytesOf(text);
export const unpackInt8 = (text: string): Int8Array => new Int8Array(bytesOf(text).buffer);
export const unpackUint16 = (text: string): Uint16Array => new Uint16Array(bytesOf(text).buffer);
export const unpackUint32 = (text: string): Uint32Array => new Uint32Array(bytesOf(text).buffer);
export const unpackFloat32 = (text: string): Float32Array => new Float32Array(bytesOf(text).buffer);

/** The inverse of the above. */
export function pack(array: Uint8Array | Int8Array | Uint16Array | Uint32Array | Float32Array): string {
  const bytes = new Uint8Array(array.buffer, array.byteOffset, array.byteLength);
  let plain = '';
  for (let at = 0; at < bytes.length; at += 8192) plain += String.fromCharCode(...bytes.subarray(at, at + 8192));
  return btoa(plain);
}
