import { View } from 'react-native';
import Svg, { Circle, G, Line, Rect, Text as SvgText } from 'react-native-svg';
import type { ElbowLevel } from '@open-palm/core/stroke';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { FONTS } from '../../../foundation/kit/tokens';
import { strokeWords } from '../../../foundation/strings/stroke';

const words = strokeWords.crossings;

/** Between the planes of two neighbouring strings, degrees as drawn: about what a bridge has. [memory] */
const STEP_DEG = 14;
const LENGTH = 118;
/** The bridge that the planes turn about. */
const BRIDGE = { x: 170, y: 74 };
/** How far an elbow is drawn off its plane that is not level with it. */
const OFF: Record<ElbowLevel, number> = { dropped: 15, level: 0, raised: -15 };

/**
 * The planes of the bow on all strings as one sees a player from the front: the hand's end of each, and where the elbow was.
 * A left-handed player's lie mirrored.
 */
export function StringPlanes({
  strings,
  levels,
  elbows,
  played,
  mirrored,
}: {
  /** From the lowest to the highest. */
  strings: readonly string[];
  /** How high the plane of each lies, 0 lowest. */
  levels: readonly number[];
  elbows: readonly (ElbowLevel | null)[];
  /** The string of the moment; null outside a drill. */
  played: number | null;
  mirrored: boolean;
}) {
  const tokens = useTokens();
  const middle = (strings.length - 1) / 2;
  const flip = (x: number) => (mirrored ? 240 - x : x);
  return (
    <View role="img" aria-label={words.picture(played === null ? null : strings[played]!)}>
      <Svg width="100%" height={150} viewBox="0 0 240 148">
        {strings.map((string, i) => {
          const deg = (levels[i]! - middle) * STEP_DEG;
          const rad = (deg * Math.PI) / 180;
          const end = {
            x: flip(BRIDGE.x - LENGTH * Math.cos(rad)),
            y: BRIDGE.y - LENGTH * Math.sin(rad),
          };
          const tip = {
            x: flip(BRIDGE.x + 52 * Math.cos(rad)),
            y: BRIDGE.y + 52 * Math.sin(rad),
          };
          const isPlayed = i === played;
          const elbow = elbows[i] ?? null;
          const color = isPlayed ? tokens.amber : tokens.inkSecond;
          return (
            <G key={string}>
              <Line
                x1={end.x}
                y1={end.y}
                x2={tip.x}
                y2={tip.y}
                stroke={color}
                strokeWidth={isPlayed ? 5 : 2}
                strokeLinecap="round"
                strokeOpacity={played === null || isPlayed ? 1 : 0.5}
              />
              <SvgText
                x={flip(BRIDGE.x - LENGTH - 28)}
                y={end.y + 5}
                fontSize={15}
                fontFamily={FONTS.strong}
                fill={tokens.ink}
                textAnchor="middle"
              >
                {string}
              </SvgText>
              <Elbow elbow={elbow} x={end.x} y={end.y} />
            </G>
          );
        })}
        <Circle cx={flip(BRIDGE.x)} cy={BRIDGE.y} r={7} fill={tokens.ink} />
      </Svg>
    </View>
  );
}

/** Where the elbow was: a disc on its plane, a square off it, a ring where nobody looked. */
function Elbow({ elbow, x, y }: { elbow: ElbowLevel | null; x: number; y: number }) {
  const tokens = useTokens();
  if (elbow === null) {
    return (
      <Circle
        cx={x}
        cy={y}
        r={5}
        fill={tokens.card}
        stroke={tokens.notSeen}
        strokeDasharray="2 2"
      />
    );
  }
  if (elbow === 'level') return <Circle cx={x} cy={y} r={6} fill={tokens.in} />;
  return (
    <Rect x={x - 5} y={y + OFF[elbow] - 5} width={10} height={10} rx={2} fill={tokens.unsure} />
  );
}
