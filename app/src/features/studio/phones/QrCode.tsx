import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { qrPath } from '@open-palm/card/qrPath';

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
