import { G, Path, Rect, Text as SvgText } from 'react-native-svg';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { FONTS } from '../../foundation/kit/tokens';

/** A force as an arrow that ends where it acts. */
export function ForceArrow({
  x,
  y,
  angleDeg,
  length,
  longest,
  color,
  label,
  unit,
  labelUnit = unit,
}: {
  /** Where it acts. */
  x: number;
  y: number;
  /** Where it points, degrees: 0 down, 90 left, 180 up. */
  angleDeg: number;
  length: number;
  /** Longer ones are cut, and say so. */
  longest: number;
  color: string;
  label?: string;
  /** How large a millimetre of the close drawing is here. */
  unit: number;
  /** The same for its number. */
  labelUnit?: number;
}) {
  const tokens = useTokens();
  const shown = Math.min(length, longest);
  if (shown < 0.3 * unit) return null;
  const head = Math.min(5 * unit, shown * 0.7);
  const half = 2.8 * unit;
  const shaft = 1.2 * unit;
  // Drawn pointing down, its end at the origin.
  const d = [
    `M0 0L${-half} ${-head}H${-shaft}V${-shown}H${shaft}V${-head}H${half}Z`,
    // Cut where it is longer than there is room.
    length > longest
      ? `M${-3 * unit} ${-shown + 4 * unit}L${3 * unit} ${-shown + 2 * unit}M${-3 * unit} ${-shown + 7 * unit}L${3 * unit} ${-shown + 5 * unit}`
      : '',
  ].join('');
  const turn = (angleDeg * Math.PI) / 180;
  const away = shown + 3.8 * labelUnit;
  return (
    <G>
      <G transform={`translate(${x} ${y}) rotate(${angleDeg})`}>
        <Path
          d={d}
          fill={color}
          stroke={tokens.card}
          strokeWidth={0.8 * unit}
          strokeLinejoin="round"
        />
      </G>
      {label === undefined ? null : (
        <ForceLabel
          x={x + Math.sin(turn) * away}
          y={y - Math.cos(turn) * away}
          unit={labelUnit}
          text={label}
        />
      )}
    </G>
  );
}

/** A force's number on a small slip of paper, readable on any skin. */
function ForceLabel({ x, y, unit, text }: { x: number; y: number; unit: number; text: string }) {
  const tokens = useTokens();
  const width = (text.length * 2.75 + 2.4) * unit;
  return (
    <G>
      <Rect
        x={x - width / 2}
        y={y - 3.4 * unit}
        width={width}
        height={6.8 * unit}
        rx={2 * unit}
        fill={tokens.card}
        opacity={0.92}
      />
      <SvgText
        x={x}
        y={y + 1.9 * unit}
        fontSize={5.3 * unit}
        fontFamily={FONTS.strong}
        textAnchor="middle"
        fill={tokens.ink}
      >
        {text}
      </SvgText>
    </G>
  );
}
