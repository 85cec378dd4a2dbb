import type { ReactNode } from 'react';
import Svg from 'react-native-svg';

/** The paper of a small drawing: 104 wide and 80 high, its origin in the middle. */
export function Frame({ children }: { children: ReactNode }) {
  return (
    <Svg width="100%" viewBox="-52 -40 104 80" style={{ aspectRatio: 1.3 }} aria-hidden>
      {children}
    </Svg>
  );
}
