import type { RefObject } from 'react';
import { Image, View } from 'react-native';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { RADIUS, space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';

const words = strings.viewfinder;

/** How strongly the last picture shows over the camera's. */
const GHOST_OPACITY = 0.35;

/** What the camera sees, with an earlier picture faintly over it. */
export function LivePicture({
  video,
  isHidden,
  ghostUrl,
}: {
  video: RefObject<HTMLVideoElement | null>;
  /** Out of sight the camera goes on: it is needed again in a moment. */
  isHidden: boolean;
  ghostUrl: string | null;
}) {
  const tokens = useTokens();
  return (
    <View
      style={{
        flex: 1,
        ...(isHidden ? { display: 'none' } : {}),
        marginHorizontal: space(4),
        borderRadius: RADIUS,
        overflow: 'hidden',
        backgroundColor: tokens.line,
        justifyContent: 'center',
      }}
    >
      <video
        ref={video}
        aria-label={words.live}
        autoPlay
        playsInline
        muted
        style={{ width: '100%', height: '100%', objectFit: 'contain' }}
      />
      {ghostUrl === null ? null : (
        <Image
          source={{ uri: ghostUrl }}
          accessibilityLabel={words.ghost}
          resizeMode="contain"
          style={{ position: 'absolute', inset: 0, opacity: GHOST_OPACITY }}
        />
      )}
    </View>
  );
}
