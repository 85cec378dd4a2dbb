import { useState } from 'react';
import { Image, View } from 'react-native';
import type { PointName } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import { RADIUS } from '../../foundation/kit/tokens';
import { MarksOverlay } from './MarksOverlay';
import type { Size } from './viewport';

/** A picture with its points, to be looked at. */
export function MarkedPicture({
  url,
  picture,
  placed,
  label,
}: {
  url: string;
  picture: Size;
  placed: Partial<Record<PointName, Vec2>>;
  label: string;
}) {
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
      }}
    >
      <Image
        source={{ uri: url }}
        aria-hidden
        style={{ position: 'absolute', width: '100%', height: '100%' }}
      />
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
