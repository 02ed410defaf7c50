import { strToU8, zipSync } from 'fflate';

/** Where an archive says how large an entry is once unpacked: in its own header, and in the list at the end. */
const HEADERS = [
  { signature: 0x04034b50, size: 22 },
  { signature: 0x02014b50, size: 24 },
] as const;

/**
 * An archive with an entry that unpacks to far more than it says.
 *
 * @param name of the entry
 * @param unpacked bytes that it unpacks to
 * @param said bytes that it says it unpacks to
 * @param copies entries beside it that say and are the same
 */
export function bomb(name: string, unpacked: number, said: number, copies = 0): Uint8Array {
  const content = new Uint8Array(unpacked);
  // As far as it goes it looks like a piece.
  content.set(strToU8('{"format":"every-inch/piece","version":2,"name":"').subarray(0, unpacked));
  const others = Object.fromEntries(
    Array.from({ length: copies }, (_, i) => [`pictures/copy-${i}.png`, content] as const),
  );
  const bytes = zipSync({ [name]: content, ...others }, { level: 9 });
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  for (let at = 0; at + 46 <= bytes.length; at += 1)
    for (const { signature, size } of HEADERS)
      if (view.getUint32(at, true) === signature) view.setUint32(at + size, said, true);
  return bytes;
}
