import Svg, { Circle, Rect, Text as SvgText } from 'react-native-svg';
import { comfortCapN, weightAcrossN, weightAtMm } from '@open-palm/core/balance';
import { Card } from '../../foundation/kit/Card';
import { Notice } from '../../foundation/kit/Notice';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { FONTS, space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { balanceWords } from '../../foundation/strings/balance';
import { isAboveCap } from './contactMark';
import { ForceArrow } from './ForceArrow';
import { handForceScale, LONGEST_ARROW_MM } from './forceScale';
import type { BalanceModel } from './useBalance';

const words = balanceWords;

const TOP = -58;
const HEIGHT = 116;
const STICK_MM = 4;
/** Room beside what is drawn, mm. */
const MARGIN = 26;

/** The second lever: the bow's weight across the strings, which the index carries and the thumb opposes. */
export function AcrossCard({ model, mirrored }: { model: BalanceModel; mirrored: boolean }) {
  const { now, state } = model;
  const across = now.answer.feasible ? now.answer.balance.acrossN : null;
  const lead = now.setup.contacts.index;
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="strong" level={2}>
        {words.across.title}
      </Text>
      {across && lead !== undefined ? (
        <>
          <AcrossPicture model={model} across={across} leadMm={lead} mirrored={mirrored} />
          <Text variant="small">
            {words.across.text(
              words.newton(across.index),
              words.newton(across.thumb),
              words.mm(lead),
            )}
          </Text>
          {isAboveCap('index', across.index, model.strength) ? (
            <Notice>
              {words.aboveCap(
                words.capOf(
                  strings.contacts.index,
                  words.newton(comfortCapN('index', model.strength)),
                ),
              )}
            </Notice>
          ) : null}
        </>
      ) : (
        <Text variant="small">{words.across.none}</Text>
      )}
      {state.carried > 0 ? (
        <Text variant="label" second>
          {`${words.carried}: ${words.carriedOf[state.carried]}`}
        </Text>
      ) : null}
    </Card>
  );
}

/** Seen so that the weight across the strings pulls down: from the tip's side of the player. */
function AcrossPicture({
  model: { now, state, strength },
  across,
  leadMm,
  mirrored,
}: {
  model: BalanceModel;
  across: { index: number; thumb: number };
  leadMm: number;
  mirrored: boolean;
}) {
  const tokens = useTokens();
  const weightMm = weightAtMm(now.setup);
  const weightN = (1 - state.carried) * weightAcrossN(now.setup);
  const { mmPerN } = handForceScale(true, strength);
  const width = weightMm + 2 * MARGIN;
  const x = (mm: number) => (mirrored ? width - MARGIN - mm : MARGIN + mm);
  // As wide as the close drawing on the screen, so that arrows are drawn to the same scale.
  const unit = width / 134;
  const size = 5.2 * unit;
  const arrow = (force: number) => force * mmPerN * unit;
  const top = TOP * unit;
  const height = HEIGHT * unit;
  return (
    <Svg
      width="100%"
      viewBox={`0 ${top} ${width} ${height}`}
      style={{ aspectRatio: width / height }}
      role="img"
      aria-label={words.across.picture}
    >
      <Rect x={0} y={-STICK_MM} width={width} height={2 * STICK_MM} fill={tokens.wood} rx={1} />
      <ForceArrow
        x={x(weightMm)}
        y={STICK_MM + arrow(weightN)}
        angleDeg={0}
        length={arrow(weightN)}
        longest={LONGEST_ARROW_MM * unit}
        color={tokens.ink}
        unit={unit}
      />
      <SvgText
        x={x(weightMm)}
        y={-STICK_MM - 3 * unit}
        fontSize={size}
        fontFamily={FONTS.text}
        textAnchor={mirrored ? 'start' : 'end'}
        fill={tokens.ink}
      >
        {`${words.across.weight} ${words.newton(weightN)}`}
      </SvgText>
      <ForceArrow
        x={x(leadMm)}
        y={STICK_MM}
        angleDeg={180}
        length={arrow(across.index)}
        longest={LONGEST_ARROW_MM * unit}
        color={isAboveCap('index', across.index, strength) ? tokens.out : tokens.ink}
        label={`1: ${words.newton(across.index)}`}
        unit={unit}
      />
      <ForceArrow
        x={x(0)}
        y={-STICK_MM}
        angleDeg={0}
        length={arrow(across.thumb)}
        longest={LONGEST_ARROW_MM * unit}
        color={isAboveCap('thumb', across.thumb, strength) ? tokens.out : tokens.ink}
        label={`${strings.portrait.thumb}: ${words.newton(across.thumb)}`}
        unit={unit}
      />
      {[0, leadMm].map((mm) => (
        <Circle
          key={mm}
          cx={x(mm)}
          cy={0}
          r={1.6 * unit}
          fill={tokens.card}
          stroke={tokens.ink}
          strokeWidth={0.8 * unit}
        />
      ))}
    </Svg>
  );
}
