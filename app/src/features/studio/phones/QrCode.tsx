import { create } from 'qrcode';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';

/** Modules of quiet around a code (ISO/IEC 18004 asks for four). */
const QUIET = 4;

/** The dark modules of a code as a path, with how many modules it is wide, the quiet ones around it included. */
export function qrPath(text: string): { path: string; size: number } {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  let path = '';
  for (let y = 0; y < modules.size; y++) {
    for (let x = 0; x < modules.size; x++) {
      if (modules.get(y, x)) path += `M${x + QUIET} ${y + QUIET}h1v1h-1z`;
    }
  }
  return { path, size: modules.size + 2 * QUIET };
}

/** A code for a phone's camera: black on white in every theme, or cameras do not read it. */
export function QrCode({ text, label }: { text: string; label: string }) {
  const { path, size } = qrPath(text);
  return (
    <View
      role="img"
      aria-label={label}
      style={{ alignSelf: 'center', backgroundColor: '#FFFFFF', borderRadius: 8 }}
    >
      <Svg width={232} height={232} viewBox={`0 0 ${size} ${size}`}>
        <Path d={path} fill="#000000" />
      </Svg>
    </View>
  );
}
