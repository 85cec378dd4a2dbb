import { create } from 'qrcode';

/** Modules of quiet around a code (ISO/IEC 18004 asks for four). */
const QUIET = 4;

/** The dark modules of a code as a path, with how many modules it is wide, the quiet ones around it included. */
export function qrPath(text: string): { path: string; size: number } {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  let path = '';
  for (let y = 0; y < modules.size; y += 1) {
    for (let x = 0; x < modules.size; x += 1) {
      if (modules.get(y, x)) path += `M${x + QUIET} ${y + QUIET}h1v1h-1z`;
    }
  }
  return { path, size: modules.size + 2 * QUIET };
}
