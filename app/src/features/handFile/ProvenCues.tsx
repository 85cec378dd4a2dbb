import type { LessonLog } from '../../foundation/api/lessonLog';
import { cueWords } from '../../assessment/advice/CueTry';
import { provenCues } from '../../assessment/advice/lesson';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { agoWords } from '../../foundation/strings/dateWords';

const words = strings.cueTry;

/** How many are shown: the newest say the most. */
const MOST = 3;

/** What was said that worked, so that nobody has to remember it. */
export function ProvenCues({ log, now }: { log: LessonLog; now: Date }) {
  const proven = provenCues(log.entries).slice(0, MOST);
  if (proven.length === 0) return null;
  return (
    <Card style={{ gap: space(1) }}>
      <Text variant="strong" level={2}>
        {words.proven}
      </Text>
      {proven.map(({ id, cue, madeAt }) => (
        <Text key={id} variant="small">
          {words.provenLine(cueWords(cue, log.ownCues), agoWords(madeAt, now))}
        </Text>
      ))}
    </Card>
  );
}
