import { Pressable, View } from 'react-native';
import { StateMark, type MarkState } from '../../foundation/kit/StateMark';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { RADIUS, space } from '../../foundation/kit/tokens';
import { rowWords } from '../../foundation/strings/row';
import { InstrumentFigure } from './InstrumentFigure';
import type { Player } from './room';

const SEAT_PX = 58;

/** A player on a seat: instrument, how it stands, and a name. Pressed where something comes of it. */
export function SeatCell({
  player: { name, setup },
  shownName,
  label,
  mark,
  isAbsent = false,
  isHere = false,
  role = 'button',
  onPress,
}: {
  player: Pick<Player, 'name' | 'setup'>;
  /** What stands under it: a first name, or the seat's number. */
  shownName: string;
  label: string;
  mark: MarkState;
  isAbsent?: boolean;
  /** The one that is looked at now, or is chosen. */
  isHere?: boolean;
  role?: 'button' | 'checkbox';
  onPress?: () => void;
}) {
  const tokens = useTokens();
  return (
    <Pressable
      {...(onPress ? { role, onPress } : { role: 'img', disabled: true, tabIndex: -1 as const })}
      {...(role === 'checkbox' ? { 'aria-checked': mark === 'out' } : {})}
      aria-label={label}
      testID={`seat-${name}`}
      style={({ pressed }) => ({
        minHeight: SEAT_PX,
        alignItems: 'center',
        justifyContent: 'flex-end',
        paddingVertical: space(1),
        borderRadius: RADIUS - 4,
        borderWidth: isHere ? 2 : 1,
        margin: isHere ? 0 : 1,
        borderColor: isHere ? tokens.ink : tokens.line,
        borderStyle: isAbsent ? 'dashed' : 'solid',
        backgroundColor: pressed || isHere ? tokens.amberGround : tokens.card,
      })}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', opacity: isAbsent ? 0.5 : 1 }}>
        <InstrumentFigure instrument={setup.instrument} size={30} />
        <StateMark state={isAbsent ? 'none' : mark} size={14} />
      </View>
      <Text variant="label" lines={1} second={isAbsent} style={{ maxWidth: '100%' }}>
        {isAbsent ? rowWords.group.absent : shownName}
      </Text>
    </Pressable>
  );
}

/** The name that fits under a seat. */
export const firstName = (name: string): string => name.trim().split(/\s+/)[0] ?? name;
