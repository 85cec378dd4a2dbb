import { useRef, type ReactNode } from 'react';
import { Pressable, View, type GestureResponderEvent, type ViewStyle } from 'react-native';
import { Icon } from 'react-native-paper';
import type { Hold } from '@open-palm/core/holds';
import type { PortraitView } from '@open-palm/core/portrait/views';
import type { GlyphName } from '../../foundation/kit/glyphs';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { RADIUS, space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { turned } from './portraitView';

/** A finger that moves further sideways than this turns the hand, px; less is a tap or a scroll. */
const SWIPE_PX = 44;
const TOUCH_PX = 48;

/** A drawing with the way to its other sides: a button that tells the side, and a swipe. */
export function FlipView({
  view,
  hand,
  onTurn,
  isWanted,
  onWanted,
  caption,
  isCompact,
  note = null,
  onSwipe = (by) => onTurn(turned(view, by, hand)),
  children,
}: {
  view: PortraitView;
  hand: Hold['hand'];
  onTurn: (view: PortraitView) => void;
  /** Whether the hand that the hold wants is laid over it, and how to change that; without it there is no such button. */
  isWanted: boolean;
  onWanted: (() => void) | undefined;
  caption: ReactNode;
  /** Half a phone wide: the sides by their sign alone. */
  isCompact: boolean;
  /** What has to be known about the drawing. */
  note?: string | null;
  /** What a swipe to the left (1) or right does; it turns the hand unless told. */
  onSwipe?: (by: 1 | -1) => void;
  children: ReactNode;
}) {
  const from = useRef<{ x: number; y: number } | null>(null);
  const words = strings.portrait;
  const nameOf = (one: PortraitView) =>
    (hand === 'under' && words.underViews[one]) || words.views[one];
  return (
    <View
      style={{ touchAction: 'pan-y' } as unknown as ViewStyle}
      onTouchStart={({ nativeEvent }) => {
        from.current = fingerOf(nativeEvent);
      }}
      onTouchEnd={({ nativeEvent }) => {
        const [start, end] = [from.current, fingerOf(nativeEvent)];
        from.current = null;
        if (!start || !end) return;
        const [dx, dy] = [end.x - start.x, end.y - start.y];
        if (Math.abs(dx) > SWIPE_PX && Math.abs(dx) > 2 * Math.abs(dy)) {
          onSwipe(dx < 0 ? 1 : -1);
        }
      }}
    >
      {children}
      <View
        style={{
          flexDirection: 'row',
          alignItems: 'center',
          paddingHorizontal: space(1),
        }}
      >
        <View style={{ flex: 1, paddingLeft: space(1) }}>{caption}</View>
        {onWanted ? (
          <SideButton
            icon={isWanted ? 'hand-back-right-off-outline' : 'hand-back-right-outline'}
            label={isWanted ? words.hideWanted : words.showWanted}
            onPress={onWanted}
          />
        ) : null}
        <SideButton
          icon="rotate-3d-variant"
          label={words.turn(nameOf(view), nameOf(turned(view, 1, hand)))}
          {...(isCompact ? {} : { text: nameOf(view) })}
          onPress={() => onTurn(turned(view, 1, hand))}
        />
      </View>
      {note === null ? null : (
        <Text
          variant="small"
          second
          style={{ paddingHorizontal: space(2), paddingBottom: space(2) }}
        >
          {note}
        </Text>
      )}
    </View>
  );
}

/** Where the finger is that has just come or gone; nowhere with several. */
function fingerOf({ changedTouches, touches }: GestureResponderEvent['nativeEvent']) {
  const [finger] = changedTouches;
  return finger && touches.length < 2 ? { x: finger.pageX, y: finger.pageY } : null;
}

function SideButton({
  icon,
  label,
  text,
  onPress,
}: {
  icon: GlyphName;
  label: string;
  text?: string;
  onPress: () => void;
}) {
  const tokens = useTokens();
  return (
    <Pressable
      role="button"
      aria-label={label}
      onPress={onPress}
      style={({ pressed }) => ({
        minHeight: TOUCH_PX,
        minWidth: TOUCH_PX,
        flexDirection: 'row',
        alignItems: 'center',
        justifyContent: 'center',
        gap: space(1),
        paddingHorizontal: space(2),
        borderRadius: RADIUS,
        backgroundColor: pressed ? tokens.amberGround : 'transparent',
      })}
    >
      <Icon source={icon} size={20} color={tokens.ink} />
      {text === undefined ? null : <Text variant="small">{text}</Text>}
    </Pressable>
  );
}
