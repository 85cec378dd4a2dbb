import { useState } from 'react';
import { Image, View } from 'react-native';
import type { PointName } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { RADIUS, space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { MarksOverlay } from './MarksOverlay';
import type { Size } from './viewport';

/** A picture with its points, to be looked at. */
export function MarkedPicture({
  url,
  picture,
  placed,
  label,
  onMissing,
}: {
  /** Null for one that was removed. */
  url: string | null;
  picture: Size;
  placed: Partial<Record<PointName, Vec2>>;
  label: string;
  /** Told when the picture is not there: it was removed, or its file is lost. */
  onMissing?: () => void;
}) {
  const tokens = useTokens();
  const [isMissing, setMissing] = useState(false);
  const [width, setWidth] = useState(0);
  const scale = width / picture.width;
  const height = picture.height * scale;
  return (
    <View
      role="img"
      aria-label={label}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      style={{
        width: '100%',
        aspectRatio: picture.width / picture.height,
        borderRadius: RADIUS,
        overflow: 'hidden',
        backgroundColor: tokens.ground,
      }}
    >
      {url === null ? null : (
        <Image
          source={{ uri: url }}
          aria-hidden
          onError={() => {
            setMissing(true);
            onMissing?.();
          }}
          style={{ position: 'absolute', width: '100%', height: '100%' }}
        />
      )}
      {isMissing || url === null ? (
        <Text variant="small" style={{ padding: space(2) }}>
          {strings.result.pictureGone}
        </Text>
      ) : null}
      {width > 0 ? (
        <MarksOverlay
          placed={placed}
          chosen={null}
          viewport={{ scale, x: 0, y: 0 }}
          box={{ width, height }}
        />
      ) : null}
    </View>
  );
}
