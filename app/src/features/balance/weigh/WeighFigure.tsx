import Svg, { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import type { BowPart, BowPreset } from '@open-palm/core/bow';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { FONTS } from '../../../foundation/kit/tokens';
import { BowFigure } from '../../../drawing/portrait/BowFigure';
import { bowShape } from '../../../drawing/portrait/bowShape';
import { SKINS } from '@open-palm/core/portrait/skins';

/** How a bow is weighed, balanced, and its frog measured: drawn to scale. */
export function WeighFigure({
  part,
  preset,
  label,
}: {
  part: BowPart;
  preset: BowPreset;
  label: string;
}) {
  const tokens = useTokens();
  const kind = preset.kind === 'viola' ? 'violin' : preset.kind;
  const tipMm = preset.lengthMm - preset.frogFrontMm;
  const balanceX = preset.balanceMm - preset.frogFrontMm;
  const { frogLength, underside } = bowShape(kind);
  const bow = <BowFigure tokens={tokens} kind={kind} tipMm={tipMm} />;
  const close = part === 'frogLengthMm';
  const frame = close
    ? { left: -frogLength - 30, top: -34, width: frogLength + 80, height: 90 }
    : { left: -preset.frogFrontMm - 30, top: -120, width: preset.lengthMm + 60, height: 260 };
  return (
    <Svg
      width="100%"
      viewBox={`${frame.left} ${frame.top} ${frame.width} ${frame.height}`}
      style={{ aspectRatio: frame.width / frame.height }}
      role="img"
      aria-label={label}
    >
      {part === 'massG' ? (
        <G>
          <Rect x={balanceX - 90} y={24} width={180} height={12} rx={5} fill={tokens.metal} />
          <Rect x={balanceX - 72} y={36} width={144} height={46} rx={9} fill={tokens.frog} />
          <Rect x={balanceX - 40} y={48} width={80} height={24} rx={4} fill={tokens.hair} />
          <SvgText
            x={balanceX}
            y={67}
            fontSize={22}
            fontFamily={FONTS.strong}
            textAnchor="middle"
            fill="#1E1B16"
          >
            g
          </SvgText>
          {/* Hair up: the stick lies on the scale. */}
          <G transform="translate(0 14) scale(1 -1)">{bow}</G>
        </G>
      ) : null}
      {part === 'balanceMm' ? (
        <G>
          {bow}
          <Path
            d={`M${balanceX - 11} 130V28Q${balanceX - 11} 16 ${balanceX} 16T${balanceX + 11} 28V130Z`}
            fill={SKINS.clay.fill}
            stroke={SKINS.clay.line}
            strokeWidth={2}
          />
          <Ruler from={-preset.frogFrontMm} to={balanceX} y={-46} unit={5} />
        </G>
      ) : null}
      {close ? (
        <G>
          {bow}
          <Ruler from={-frogLength} to={0} y={underside + 14} unit={1} />
        </G>
      ) : null}
    </Svg>
  );
}

/** A measured stretch, with its ends. */
function Ruler({ from, to, y, unit }: { from: number; to: number; y: number; unit: number }) {
  const tokens = useTokens();
  const ends = 5 * unit;
  return (
    <G stroke={tokens.amber} strokeWidth={1.6 * unit}>
      <Line x1={from} x2={to} y1={y} y2={y} />
      <Line x1={from} x2={from} y1={y - ends} y2={y + ends} />
      <Line x1={to} x2={to} y1={y - ends} y2={y + ends} />
    </G>
  );
}
