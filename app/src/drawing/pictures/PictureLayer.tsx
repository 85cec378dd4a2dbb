import type { ReactNode } from 'react';
import Svg from 'react-native-svg';
import type { Size } from './viewport';

/** What is drawn over a picture's box; touches go through it. */
export function PictureLayer({ box, children }: { box: Size; children: ReactNode }) {
  return (
    <Svg
      width={box.width}
      height={box.height}
      style={{ position: 'absolute', left: 0, top: 0, pointerEvents: 'none' }}
      aria-hidden
    >
      {children}
    </Svg>
  );
}
