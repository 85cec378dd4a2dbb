import { format } from 'date-fns/format';
import { router } from 'expo-router';
import { Pressable, View } from 'react-native';
import { Icon } from 'react-native-paper';
import { PressRow } from '../../foundation/kit/PressRow';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { RADIUS, space, TOUCH } from '../../foundation/kit/tokens';
import { StudentBadge } from '../../drawing/portrait/StudentBadge';
import { strings } from '../../foundation/strings';
import { Reasons } from './Reasons';
import type { TodayRow } from './teachingDay';

const words = strings.today;

/** Small beside the one on top. */
const BADGE_PX = 44;
/** Narrower than this who and why cannot be read: the look's button goes below. */
const LEAST_PX = 160;

/** A student of the day: when, who and why, and one tap to start the look. */
export function TodayRowCard({
  row: { item, lesson, reasons, setupId },
  now,
}: {
  row: TodayRow;
  now: Date;
}) {
  const { student } = item;
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2), alignItems: 'stretch' }}>
      <View style={{ flex: 1, minWidth: LEAST_PX }}>
        <PressRow
          label={words.open(student.name)}
          onPress={() => router.navigate(`/students/${student.id}?setup=${setupId}`)}
        >
          <StudentBadge item={item} size={BADGE_PX} />
          <View style={{ flex: 1, gap: space(1) }}>
            <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: space(2) }}>
              {lesson ? <Text second>{format(lesson, 'HH:mm')}</Text> : null}
              <Text variant="strong" style={{ flex: 1, minWidth: 0 }}>
                {student.name}
              </Text>
            </View>
            <Reasons reasons={reasons} now={now} />
          </View>
        </PressRow>
      </View>
      <StartButton
        label={words.start(student.name)}
        onPress={() => router.navigate(`/students/${student.id}/check?setup=${setupId}`)}
      />
    </View>
  );
}

/** Where the thumb is: starts the look at once. */
function StartButton({ label, onPress }: { label: string; onPress: () => void }) {
  const tokens = useTokens();
  return (
    <Pressable
      role="button"
      aria-label={label}
      onPress={onPress}
      style={({ pressed }) => ({
        width: TOUCH + 8,
        minHeight: TOUCH,
        alignItems: 'center',
        justifyContent: 'center',
        borderRadius: RADIUS,
        borderWidth: 1,
        borderColor: tokens.amber,
        backgroundColor: pressed ? tokens.card : tokens.amberGround,
      })}
    >
      <Icon source="eye-outline" size={26} color={tokens.amberInk} />
      <Text variant="label" color={tokens.amberInk}>
        {words.startShort}
      </Text>
    </Pressable>
  );
}
