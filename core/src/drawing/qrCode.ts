import qrcode from 'qrcode-generator';
import type { Polygon } from '../form/index.ts';
import type { DrawItem } from './types.ts';

/** Light border that readers look for, in modules (ISO/IEC 18004). */
const QUIET_ZONE = 4;

/** Bytes of a text as it stands in the code, UTF-8. */
const bytesOf = (text: string): number[] => [...new TextEncoder().encode(text)];

/**
 * A text as a QR code (ISO/IEC 18004, lowest level of correction), black on white with its light border, its lower left corner
 * at the origin.
 *
 * @param acrossMm its width with the border
 * @throws {RangeError} for a text of more than 2 953 bytes, which no code holds
 */
export function qrCode(text: string, acrossMm: number): DrawItem[] {
  const bytes = bytesOf(text);
  if (bytes.length > 2953) throw new RangeError('more text than a QR code holds');
  const code = qrcode(0, 'L');
  qrcode.stringToBytes = bytesOf;
  code.addData(text, 'Byte');
  code.make();
  const n = code.getModuleCount();
  const module = acrossMm / (n + 2 * QUIET_ZONE);
  const outline: Polygon[] = [];
  for (let row = 0; row < n; row += 1)
    for (let from = 0; from < n; from += 1) {
      if (!code.isDark(row, from)) continue;
      let to = from;
      while (to < n && code.isDark(row, to)) to += 1;
      const [x0, x1] = [(from + QUIET_ZONE) * module, (to + QUIET_ZONE) * module];
      const [y1, y0] = [(n - row + QUIET_ZONE) * module, (n - row - 1 + QUIET_ZONE) * module];
      outline.push([
        [
          [x0, y0],
          [x1, y0],
          [x1, y1],
          [x0, y1],
        ],
      ]);
      from = to;
    }
  return [{ kind: 'area', outline, material: 'ink', weight: 'hair' }];
}
