import { View } from 'react-native';
import Svg, { G, Path, Rect } from 'react-native-svg';
import { Choice, Choices } from '../../../../foundation/kit/Choice';
import { useTokens } from '../../../../foundation/kit/ThemeProvider';
import { strings } from '../../../../foundation/strings';

const words = strings.testing;

/** From upright down to level, where the load on the little finger is largest. */
const ANGLES_DEG = [90, 60, 45, 30, 15, 0] as const;

/** How far the tip came down before something gave, as the bow stood then. */
export function LoweredBow({
  downToDeg,
  onDownTo,
}: {
  downToDeg: number | undefined;
  onDownTo: (downToDeg: number) => void;
}) {
  const tokens = useTokens();
  return (
    <Choices question={words.howFarDown}>
      {ANGLES_DEG.map((deg) => (
        <Choice
          key={deg}
          label={words.lowered(deg)}
          chosen={downToDeg === deg}
          onPress={() => onDownTo(deg)}
        >
          <View style={{ width: 72 }}>
            <Svg width="100%" viewBox="-8 -62 76 70" style={{ aspectRatio: 1.1 }} aria-hidden>
              <G rotation={-deg}>
                <Rect x={-4} y={-2} width={62} height={4} fill={tokens.wood} />
                <Path d="M0 2H16V10H2Z" fill={tokens.frog} />
              </G>
            </Svg>
          </View>
        </Choice>
      ))}
    </Choices>
  );
}
