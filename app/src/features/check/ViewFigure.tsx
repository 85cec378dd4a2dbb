import { View as Box } from 'react-native';
import Svg, { G, Line, Path, Rect } from 'react-native-svg';
import type { View } from '@open-palm/core/measure';
import type { PortraitView } from '@open-palm/core/portrait/views';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { WantedGrip, type WantedHand } from '../../drawing/portrait/WantedGrip';

/** The views that show a hand on its bow, as portraits are looked at. */
const OF_HAND: Partial<Record<View, PortraitView>> = {
  'finger-side': 'fingerSide',
  'thumb-side': 'thumbSide',
  'player-eye': 'playerEye',
  profile: 'profile',
  'down-stick': 'downStick',
};

/** Narrower than this a drawing has the heavy lines of a badge, px. */
const BADGE_BELOW = 160;

/** A small drawing of what a view shows, so that it is chosen by eye. */
export function ViewFigure({
  view,
  width = 92,
  ...hand
}: WantedHand & { view: View; width?: number }) {
  const ofHand = OF_HAND[view];
  if (ofHand) {
    return (
      <Box style={{ width }} aria-hidden>
        <WantedGrip {...hand} view={ofHand} detail={width < BADGE_BELOW ? 'badge' : 'choice'} />
      </Box>
    );
  }
  return (
    <Svg width={width} height={(width * 58) / 92} viewBox="0 0 92 58" aria-hidden>
      <G {...(hand.side === 'left' ? { transform: 'translate(92 0) scale(-1 1)' } : {})}>
        {view === 'front' ? <Front /> : <BowSide />}
      </G>
    </Svg>
  );
}

function useInks() {
  const tokens = useTokens();
  return { finger: tokens.hair, line: tokens.inkSecond, wood: tokens.wood };
}

/** The whole arm, the bow on its string, the bridge. */
function Front() {
  const { line, finger, wood } = useInks();
  const arm = 'M6 8L16 34L40 26';
  return (
    <G>
      <Path d={arm} fill="none" stroke={line} strokeWidth={10.6} strokeLinejoin="round" />
      <Path d={arm} fill="none" stroke={finger} strokeWidth={8} strokeLinejoin="round" />
      <Line x1={36} y1={28} x2={90} y2={20} stroke={wood} strokeWidth={3.5} />
      <Line x1={66} y1={2} x2={70} y2={54} stroke={line} strokeWidth={1.4} />
      <Path d="M58 46Q70 38 82 45V49H58Z" fill={line} />
    </G>
  );
}

/** The middle of the bow: stick above, hair below. */
function BowSide() {
  const { wood, finger, line } = useInks();
  return (
    <G>
      <Path d="M2 20Q46 30 90 18" fill="none" stroke={wood} strokeWidth={5} />
      <Rect x={2} y={38} width={88} height={4} fill={finger} stroke={line} strokeWidth={1} />
      <Line x1={46} y1={29} x2={46} y2={37} stroke={line} strokeWidth={1.4} strokeDasharray="2 2" />
    </G>
  );
}
