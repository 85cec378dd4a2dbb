import { useEffect, useRef, type ReactNode } from 'react';
import { View } from 'react-native';
import { RADIUS } from '../../../foundation/kit/tokens';
import type { ClipReader } from './ClipReader';

/** The clip at the frame that was last asked for, with something drawn over it. */
export function VideoBox({
  reader,
  mirrored,
  children,
}: {
  reader: ClipReader;
  mirrored: boolean;
  children?: ReactNode;
}) {
  const box = useRef<View>(null);
  useEffect(() => {
    const { video } = reader;
    Object.assign(video.style, {
      width: '100%',
      height: '100%',
      display: 'block',
      transform: mirrored ? 'scaleX(-1)' : '',
    });
    // The picture stands still and is told in words beside it.
    video.setAttribute('aria-hidden', 'true');
    (box.current as unknown as HTMLElement).prepend(video);
    return () => video.remove();
  }, [reader, mirrored]);
  const { width, height } = reader.size;
  return (
    <View
      ref={box}
      style={{
        width: '100%',
        aspectRatio: width / height,
        borderRadius: RADIUS,
        overflow: 'hidden',
      }}
    >
      {children}
    </View>
  );
}
