import { View } from 'react-native';
import Svg, { G, Line, Rect } from 'react-native-svg';
import type { StrokeAnalysis } from '@open-palm/core/stroke';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import { strokeWords } from '../../foundation/strings/stroke';

const words = strokeWords;

/** Where the string crosses the drawn bow, from its hand end, at heel, middle and point. */
const CROSSES = { heel: 0.14, middle: 0.5, point: 0.9 } as const;
const LENGTH = 64;

/** The bow on the string at heel, middle and point, as far from square as it was seen. */
export function PathPictures({
  skew,
  mirrored,
}: {
  skew: StrokeAnalysis['skew'];
  mirrored: boolean;
}) {
  return (
    <View style={{ flexDirection: 'row', gap: space(2) }}>
      {(['heel', 'middle', 'point'] as const).map((place) => {
        const mean = skew[place];
        const angle = mean ? words.told(mean.deg, mean.sd) : words.notSeen;
        return (
          <View key={place} style={{ flex: 1, alignItems: 'center' }}>
            <BowOnString
              deg={mean?.deg ?? null}
              crosses={CROSSES[place]}
              mirrored={mirrored}
              label={words.path.portrait(words.places[place], angle)}
            />
            <Text variant="label" second>
              {words.places[place]}
            </Text>
            <Text variant="small">{angle}</Text>
          </View>
        );
      })}
    </View>
  );
}

function BowOnString({
  deg,
  crosses,
  mirrored,
  label,
}: {
  deg: number | null;
  crosses: number;
  mirrored: boolean;
  label: string;
}) {
  const tokens = useTokens();
  const from = -crosses * LENGTH;
  // The scroll is up: a positive angle lifts the point, whichever side it is on.
  const turn = deg === null ? 0 : -deg;
  return (
    <View role="img" aria-label={label} style={{ width: '100%', maxWidth: 130 }}>
      <Svg width="100%" height={104} viewBox="-60 -52 120 104">
        <Line x1={0} y1={-46} x2={0} y2={46} stroke={tokens.inkSecond} strokeWidth={1.5} />
        <Line
          x1={-50}
          y1={0}
          x2={50}
          y2={0}
          stroke={tokens.inkSecond}
          strokeWidth={1}
          strokeDasharray="2 4"
        />
        <G transform={mirrored ? 'scale(-1 1)' : ''}>
          <G transform={`rotate(${turn})`} opacity={deg === null ? 0.35 : 1}>
            <Line
              x1={from}
              y1={0}
              x2={from + LENGTH}
              y2={0}
              stroke={tokens.woodLight}
              strokeWidth={3}
              strokeLinecap="round"
            />
            <Rect x={from + 1} y={-3.5} width={9} height={7} rx={1.5} fill={tokens.inkSecond} />
          </G>
        </G>
      </Svg>
    </View>
  );
}
