import { View } from 'react-native';
import Svg, { G, Line, Path } from 'react-native-svg';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import type { Skin } from '../../drawing/portrait/skin';
import { pathThrough, tubeOutline } from '../../drawing/portrait/tube';
import { strokeWords } from '../../foundation/strings/stroke';
import type { Place } from '@open-palm/core/measure';

const words = strokeWords;

/** A wrist's angle with its doubt, or null where it was not seen. */
export type PlacedWrists = Record<Place, { deg: number; sd: number } | null>;

/** Three little wrists, at heel, middle and point, bent by their angles. */
export function WristPortraits({
  wrists,
  skin,
  mirrored,
}: {
  wrists: PlacedWrists;
  skin: Skin;
  mirrored: boolean;
}) {
  return (
    <View style={{ flexDirection: 'row', gap: space(2) }}>
      {(['heel', 'middle', 'point'] as const).map((place) => (
        <View key={place} style={{ flex: 1, alignItems: 'center' }}>
          <WristPortrait
            deg={wrists[place]?.deg ?? null}
            skin={skin}
            mirrored={mirrored}
            label={words.portrait(words.places[place], angleWords(wrists[place]))}
          />
          <Text variant="label" second>
            {words.places[place]}
          </Text>
          <Text variant="strong">{angleWords(wrists[place])}</Text>
          <Text variant="label" second>
            {bendWords(wrists[place]?.deg ?? null)}
          </Text>
        </View>
      ))}
    </View>
  );
}

const angleWords = (wrist: PlacedWrists[Place]): string =>
  wrist === null ? words.notSeen : words.told(wrist.deg, wrist.sd);

/** Less than this is straight to the eye, degrees. */
const STRAIGHT_DEG = 3;

const bendWords = (deg: number | null): string =>
  deg === null
    ? ' '
    : Math.abs(deg) < STRAIGHT_DEG
      ? words.straight
      : deg > 0
        ? words.flexed
        : words.extended;

const WRIST = { x: 42, y: 42 };

/** How far the fingers curl on from the hand, as they hang over a stick, degrees. */
const CURL_DEG = [22, 62, 88];
const PHALANX_MM = [17, 11, 9];

/** Forearm from the left, hand bent at the wrist: forward, to the palm, is down. */
function WristPortrait({
  deg,
  skin,
  mirrored,
  label,
}: {
  deg: number | null;
  skin: Skin;
  mirrored: boolean;
  label: string;
}) {
  const tokens = useTokens();
  const bend = deg ?? 0;
  const from = (start: { x: number; y: number }, mm: number, downDeg: number) => ({
    x: start.x + mm * Math.cos((downDeg * Math.PI) / 180),
    y: start.y + mm * Math.sin((downDeg * Math.PI) / 180),
  });
  const knuckle = from(WRIST, 32, bend);
  const arm = [
    { x: -14, y: WRIST.y + 1 },
    { x: 18, y: WRIST.y + 1 },
    WRIST,
    from(WRIST, 16, bend),
    knuckle,
  ];
  const fingers = CURL_DEG.reduce(
    (chain, curl, i) => [...chain, from(chain.at(-1)!, PHALANX_MM[i]!, bend + curl)],
    [from(WRIST, 26, bend), knuckle],
  );
  const dashed = deg === null ? { strokeDasharray: '3 3' } : {};
  const fill = deg === null ? tokens.card : skin.fill;
  return (
    <Svg
      width="100%"
      viewBox="0 14 108 74"
      style={{ aspectRatio: 108 / 74 }}
      role="img"
      aria-label={label}
    >
      <G transform={mirrored ? 'translate(108 0) scale(-1 1)' : ''}>
        <Path
          d={pathThrough(tubeOutline(fingers, [11, 10.5, 8, 6.8, 5]))}
          fill={fill}
          stroke={skin.line}
          strokeWidth={1.2}
          {...dashed}
        />
        <Path
          d={pathThrough(tubeOutline(arm, [15, 14, 10, 12.5, 10.5]))}
          fill={fill}
          stroke={skin.line}
          strokeWidth={1.2}
          {...dashed}
        />
        {deg === null ? null : (
          <>
            <Line
              x1={WRIST.x}
              y1={WRIST.y}
              x2={WRIST.x + 62}
              y2={WRIST.y}
              stroke={tokens.inkSecond}
              strokeWidth={1.2}
              strokeDasharray="3 3"
            />
            <Line
              x1={WRIST.x}
              y1={WRIST.y}
              x2={knuckle.x}
              y2={knuckle.y}
              stroke={tokens.amber}
              strokeWidth={3}
            />
          </>
        )}
      </G>
    </Svg>
  );
}
