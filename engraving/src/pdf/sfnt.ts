import { unzlibSync } from 'fflate';

const HEADER = 44;
const ENTRY = 20;

/**
 * The font of a WOFF file as it stands before it is packed (World Wide Web Consortium, *WOFF File Format 1.0*):
 * what reads a packed one unpacks a table each time it looks at it. Other files come back as they are.
 */
export function unpacked(file: Uint8Array): Uint8Array {
  const from = new DataView(file.buffer, file.byteOffset, file.byteLength);
  if (from.getUint32(0) !== 0x774f4646) return file;
  const count = from.getUint16(12);
  const tables = Array.from({ length: count }, (_, at) => {
    const entry = HEADER + at * ENTRY;
    const [tag, offset, packed, length, sum] = [0, 4, 8, 12, 16].map((field) =>
      from.getUint32(entry + field),
    );
    const bytes = file.subarray(offset, offset! + packed!);
    return { tag: tag!, sum: sum!, bytes: packed! < length! ? unzlibSync(bytes) : bytes };
  });
  const start = 12 + count * 16;
  const padded = (length: number) => (length + 3) & ~3;
  const whole = new Uint8Array(tables.reduce((sum, { bytes }) => sum + padded(bytes.length), start));
  const to = new DataView(whole.buffer);
  const power = Math.floor(Math.log2(count));
  to.setUint32(0, from.getUint32(4));
  [count, 16 * 2 ** power, power, 16 * (count - 2 ** power)].forEach((value, at) =>
    to.setUint16(4 + 2 * at, value),
  );
  let offset = start;
  tables.forEach(({ tag, sum, bytes }, at) => {
    [tag, sum, offset, bytes.length].forEach((value, field) => to.setUint32(12 + at * 16 + field * 4, value));
    whole.set(bytes, offset);
    offset += padded(bytes.length);
  });
  return whole;
}
