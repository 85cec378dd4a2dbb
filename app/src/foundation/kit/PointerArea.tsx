import { useRef, type ReactNode } from 'react';
import { View, type ViewStyle } from 'react-native';
import { onKeys } from './onKeys';
import type { AreaPoint } from './pointers';
import { PointerSurface } from './PointerSurface';

/**
 * A drawing that is touched at a place: the place follows the finger and is taken when it lifts. With keys it is a
 * slider: arrows move, Enter takes. Nothing is taken before something was chosen.
 */
export function PointerArea({
  label,
  value,
  valueText,
  min,
  max,
  onMove,
  onTake,
  onStep,
  style,
  children,
}: {
  label: string;
  /** What is chosen now, for those who cannot see it; null before anything is. */
  value: number | null;
  valueText: string;
  min: number;
  max: number;
  onMove: (at: AreaPoint) => void;
  /** It is taken: where the finger lifted, which may not be drawn yet; null by key, which takes what stands. */
  onTake: (at: AreaPoint | null) => void;
  /** A key moved it by so many steps. */
  onStep: (steps: number) => void;
  style?: ViewStyle;
  children: ReactNode;
}) {
  const last = useRef<AreaPoint | null>(null);
  const move = (at: AreaPoint) => {
    last.current = at;
    onMove(at);
  };
  const take = () => {
    if (value !== null) onTake(null);
  };
  const step = (by: number) => (shift: boolean) => onStep(shift ? by * 5 : by);
  return (
    <View
      role="slider"
      aria-label={label}
      aria-valuemin={min}
      aria-valuemax={max}
      aria-valuenow={value ?? min}
      aria-valuetext={valueText}
      tabIndex={0}
      {...onKeys({
        ArrowRight: step(1),
        ArrowUp: step(1),
        ArrowLeft: step(-1),
        ArrowDown: step(-1),
        Enter: take,
      })}
      style={style}
    >
      <PointerSurface
        onDown={move}
        onMove={move}
        onUp={() => onTake(last.current)}
        style={style && { flex: 1 }}
      >
        {children}
      </PointerSurface>
    </View>
  );
}
