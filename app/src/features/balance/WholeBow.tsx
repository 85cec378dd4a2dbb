import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { GRAVITY } from '@open-palm/core/balance';
import { BOW_SECTIONS } from '@open-palm/core/bow';
import { DragHandle } from '../../foundation/kit/DragHandle';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { FONTS, space } from '../../foundation/kit/tokens';
import type { GripDrawing } from '@open-palm/core/portrait';
import { BowFigure } from '../../drawing/portrait/BowFigure';
import { DrawnHand, PER_MM } from '../../drawing/portrait/DrawnHand';
import type { Skin } from '@open-palm/core/portrait/skins';
import { balanceWords } from '../../foundation/strings/balance';
import { ForceArrow } from './ForceArrow';
import { FRAME, LEFT } from './handOrder';
import type { BalanceModel } from './useBalance';
import { alongBow, drawnAt, tiltToward, wholeBowFrame } from './wholeBowFrame';

const words = balanceWords;

/** How long the string's loudest force is drawn, mm of the bow. */
const LOUD_ARROW_MM = 74;
const LONGEST_MM = 120;

/** An arrow's and a word's size here, against those of the close drawing. */
const UNIT = 5.4;

const KEY = { stringMm: 5, upMm: 5, tiltDeg: 2 };

/** The whole bow: the string's place, the hand's place and the tilt are dragged; weight and string force are arrows. */
export function WholeBow({
  model,
  drawing,
  skin,
  mirrored,
}: {
  model: BalanceModel;
  drawing: GripDrawing | null;
  skin: Skin;
  mirrored: boolean;
}) {
  const tokens = useTokens();
  const { state, preset, bow, now, hold, change } = model;
  const thumbMm = now.hand.placesMm.thumb;
  const frame = wholeBowFrame(bow, thumbMm, state.tiltDeg);
  const tipMm = bow.lengthMm - bow.frogFrontMm;
  const bowToTip = <BowFigure tokens={tokens} kind={hold.bow} tipMm={tipMm} />;
  const side = (x: number) => (mirrored ? frame.width - x : x);
  const at = (x: number, y: number) => {
    const drawn = drawnAt(frame, x, y);
    return { x: side(drawn.x), y: drawn.y };
  };
  const share = ({ x, y }: { x: number; y: number }) => ({
    x: x / frame.width,
    y: y / frame.height,
  });
  const inFrame = (to: { x: number; y: number }) =>
    [side(to.x * frame.width), to.y * frame.height] as const;
  const arrow = LOUD_ARROW_MM / preset.stringN.loud;
  const weightN = (bow.massG.value / 1000) * GRAVITY;
  const balanceAt = at(bow.balanceMm.value - bow.frogFrontMm, 0);
  const hairMm = BOW_SECTIONS[hold.bow].frogUndersideMm - 3;
  const stringAt = at(state.stringMm, hairMm);
  const upMost = Math.max(0, bow.balanceMm.value - bow.frogFrontMm - state.placesMm.thumb);
  const moveString = (mm: number) => change({ stringMm: clamp(mm, preset.heelMm, preset.pointMm) });
  const moveUp = (mm: number) => change({ upMm: Math.round(clamp(mm, 0, upMost)) });
  const moveTilt = (deg: number) => change({ tiltDeg: Math.round(clamp(deg, 0, 90)) });
  const forward = mirrored ? -1 : 1;
  const handOver =
    now.answer.feasible && now.answer.balance.handOverMm !== null
      ? now.answer.balance.handOverMm + thumbMm
      : null;
  return (
    <View style={{ aspectRatio: frame.width / frame.height, width: '100%', marginTop: -space(20) }}>
      <Svg
        width="100%"
        height="100%"
        viewBox={`0 0 ${frame.width} ${frame.height}`}
        role="img"
        aria-label={words.wholeBow}
      >
        <G
          transform={[
            mirrored ? `translate(${frame.width} 0) scale(-1 1)` : '',
            `translate(${frame.pivot.x} ${frame.pivot.y})`,
            `rotate(${-state.tiltDeg}) scale(${frame.scale}) translate(${-thumbMm} 0)`,
          ].join(' ')}
        >
          {drawing ? (
            <G
              transform={`translate(${LEFT[hold.hand] + state.upMm} ${FRAME.top}) scale(${1 / PER_MM})`}
            >
              <DrawnHand
                drawing={drawing}
                skin={skin}
                held={
                  <G
                    transform={`scale(${PER_MM}) translate(${-LEFT[hold.hand] - state.upMm} ${-FRAME.top})`}
                  >
                    {bowToTip}
                  </G>
                }
              />
            </G>
          ) : (
            bowToTip
          )}
        </G>
        <ForceArrow
          {...balanceAt}
          y={balanceAt.y + weightN * arrow}
          angleDeg={0}
          length={weightN * arrow}
          longest={LONGEST_MM}
          color={tokens.ink}
          unit={UNIT}
        />
        <Circle
          cx={balanceAt.x}
          cy={balanceAt.y}
          r={9}
          fill={tokens.card}
          stroke={tokens.ink}
          strokeWidth={4}
        />
        <Word x={balanceAt.x} y={balanceAt.y + weightN * arrow + 28}>
          {words.newton(weightN)}
        </Word>
        {state.onString ? (
          <>
            <ForceArrow
              {...stringAt}
              angleDeg={180 - state.tiltDeg * forward}
              length={state.forceN * arrow}
              longest={LONGEST_MM}
              color={tokens.in}
              label={words.newton(state.forceN)}
              unit={UNIT}
            />
            <Grip x={stringAt.x} y={stringAt.y + 8} />
            <Circle cx={stringAt.x} cy={stringAt.y + 8} r={10} fill={tokens.in} />
            {handOver !== null && handOver > preset.heelMm && handOver < preset.pointMm ? (
              <HandOverMark {...at(handOver, -14)} />
            ) : null}
          </>
        ) : null}
        <Grip {...at(tipMm + 2, 6)} />
        {hold.hand === 'over' ? <Grip {...at(thumbMm - 20, -64)} /> : null}
      </Svg>
      {state.onString ? (
        <DragHandle
          label={words.handles.string}
          at={share({ x: stringAt.x, y: stringAt.y + 8 })}
          value={state.stringMm}
          valueText={words.fromFrog(state.stringMm)}
          min={preset.heelMm}
          max={preset.pointMm}
          onMove={(to) => moveString(alongBow(frame, ...inFrame(to)))}
          onStep={(steps) => moveString(state.stringMm + steps * KEY.stringMm * forward)}
          above
        />
      ) : null}
      <DragHandle
        label={words.handles.tip}
        at={share(at(tipMm + 2, 6))}
        value={state.tiltDeg}
        valueText={words.tilt(state.tiltDeg)}
        min={0}
        max={90}
        onMove={(to) => moveTilt(tiltToward(frame, ...inFrame(to)))}
        onStep={(steps) => moveTilt(state.tiltDeg + steps * KEY.tiltDeg)}
      />
      {hold.hand === 'over' ? (
        <DragHandle
          label={words.handles.hand}
          at={share(at(thumbMm - 20, -64))}
          value={state.upMm}
          valueText={words.up(state.upMm)}
          min={0}
          max={upMost}
          onMove={(to) => {
            const grip = drawnAt(frame, thumbMm - 20, -64);
            moveUp(state.upMm + inFrame(to)[0] - grip.x);
          }}
          onStep={(steps) => moveUp(state.upMm + steps * KEY.upMm * forward)}
        />
      ) : null}
    </View>
  );
}

const clamp = (value: number, min: number, max: number) => Math.min(max, Math.max(min, value));

/** A ring to take hold of. */
function Grip({ x, y }: { x: number; y: number }) {
  const tokens = useTokens();
  return <Circle cx={x} cy={y} r={20} fill={tokens.card} stroke={tokens.amber} strokeWidth={7} />;
}

/** Where one side of the hand hands over to the other: a flag on the stick. */
function HandOverMark({ x, y }: { x: number; y: number }) {
  const tokens = useTokens();
  return (
    <G>
      <Line x1={x} x2={x} y1={y + 14} y2={y - 34} stroke={tokens.ink} strokeWidth={4} />
      <Path d={`M${x} ${y - 34}l26 9l-26 9z`} fill={tokens.ink} />
    </G>
  );
}

function Word({ x, y, children }: { x: number; y: number; children: string }) {
  const tokens = useTokens();
  return (
    <SvgText
      x={x}
      y={y}
      fontSize={5.2 * UNIT}
      fontFamily={FONTS.strong}
      textAnchor="middle"
      fill={tokens.ink}
    >
      {children}
    </SvgText>
  );
}
