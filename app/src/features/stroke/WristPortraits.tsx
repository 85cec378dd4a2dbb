import { useMemo } from 'react';
import { View } from 'react-native';
import { Line } from 'react-native-svg';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { space } from '../../foundation/kit/tokens';
import type { Skin } from '@open-palm/core/portrait/skins';
import { HandPicture } from '../../drawing/portrait/HandPicture';
import { useBareDrawing } from '../../drawing/portrait/useBareDrawing';
import { bareDetail } from '@open-palm/core/portrait/bareDetail';
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

/** Forearm and hand from the side of the little finger, bent at the wrist; in dashes where it was not seen. */
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
  const { order } = useMemo(() => bareDetail('wristFlexion', deg ?? 0)!, [deg]);
  const drawing = useBareDrawing(order);
  const { widthMm, heightMm } = order.station;
  if (!drawing) {
    return (
      <View
        role="img"
        aria-label={label}
        style={{ width: '100%', aspectRatio: widthMm / heightMm }}
      />
    );
  }
  const { wrist, middleMcp } = drawing.points;
  const across = (x: number) => (mirrored ? drawing.width - x : x);
  return (
    <HandPicture
      drawing={drawing}
      skin={skin}
      mirrored={mirrored}
      label={label}
      isUnseen={deg === null}
    >
      {deg === null ? null : (
        <Line
          x1={across(wrist.x)}
          y1={wrist.y}
          x2={across(middleMcp.x)}
          y2={middleMcp.y}
          stroke={tokens.amber}
          strokeWidth={40}
          strokeLinecap="round"
        />
      )}
    </HandPicture>
  );
}
