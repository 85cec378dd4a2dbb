import { format } from 'date-fns/format';
import { router } from 'expo-router';
import { useWindowDimensions, View } from 'react-native';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { PressRow } from '../../foundation/kit/PressRow';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { StudentBadge } from '../../drawing/portrait/StudentBadge';
import { strings } from '../../foundation/strings';
import { Reasons } from './Reasons';
import type { TodayRow } from './teachingDay';

const words = strings.today;

/** Of the screen's width, up to so much. */
const BADGE = { share: 0.28, mostPx: 112 };

/** The lesson that runs or comes next, large: who, why, and one tap to the first touch of a look. */
export function LessonOnTop({
  row: { item, lesson, reasons, setupId },
  now,
}: {
  row: TodayRow;
  now: Date;
}) {
  const { student } = item;
  const { width } = useWindowDimensions();
  const at = format(lesson!, 'HH:mm');
  return (
    <View role="region" aria-label={words.onTop}>
      <Card style={{ gap: space(2), padding: space(2) }}>
        <PressRow
          label={words.open(student.name)}
          onPress={() => router.navigate(`/students/${student.id}?setup=${setupId}`)}
        >
          <StudentBadge item={item} size={Math.min(BADGE.mostPx, BADGE.share * width)} />
          <View style={{ flex: 1, gap: space(1) }}>
            <Text variant="label" second>
              {lesson! <= now ? words.lessonNow(at) : words.lessonNext(at)}
            </Text>
            <Text variant="heading" level={2}>
              {student.name}
            </Text>
            <Reasons reasons={reasons} now={now} />
          </View>
        </PressRow>
        <Button
          label={strings.handFile.look}
          accessibilityLabel={words.start(student.name)}
          icon="eye-outline"
          primary
          onPress={() => router.navigate(`/students/${student.id}/check?setup=${setupId}`)}
        />
      </Card>
    </View>
  );
}
