import { lessonStamina } from '@open-palm/core/track';
import { Card } from '../../../foundation/kit/Card';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { seriesName } from '../../../foundation/strings/measureWords';
import { progressWords } from '../../../foundation/strings/progress';
import { withUnit } from '../changeWords';
import type { Followed } from '../followed';

const words = progressWords.lessons;

/** How each checkpoint goes from the start of lessons to their end: what tires. */
export function LessonsCost({ followed: { counted } }: { followed: Followed }) {
  const checks = counted.map(({ tracked }) => tracked);
  const names = [...new Set(checks.flatMap(({ measures }) => Object.keys(measures)))];
  const found = names.flatMap((name) => lessonStamina(checks, name) ?? []);
  const most = Math.max(0, ...found.map(({ lessons }) => lessons));
  return (
    <Card style={{ gap: space(1) }}>
      <Text variant="strong" level={2}>
        {words.title}
      </Text>
      {found.length === 0 ? (
        <Text variant="small" second>
          {words.none}
        </Text>
      ) : (
        <>
          <Text variant="label" second>
            {words.of(most)}
          </Text>
          {[...found]
            .sort((a, b) => (a.change === b.change ? 0 : a.change === 'realChange' ? -1 : 1))
            .map(({ checkpoint, drop, change }) => (
              <Text key={checkpoint} variant="small">
                {(change === 'realChange' ? words.real : words.notReal)(
                  seriesName(checkpoint),
                  signed(drop, checkpoint),
                )}
              </Text>
            ))}
          {found.some(({ change }) => change === 'realChange') ? (
            <Text variant="small" second>
              {words.help}
            </Text>
          ) : null}
        </>
      )}
    </Card>
  );
}

function signed(by: number, series: string): string {
  const text = withUnit(by, series);
  return by > 0 && text !== withUnit(0, series) ? `+${text}` : text;
}
