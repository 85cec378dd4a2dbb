import type { LogEntryOf } from '@open-palm/contract';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { dayWords } from '../../../foundation/strings/dateWords';
import { termWords } from '../../../foundation/strings/term';

/** So many are offered: older ones are in the export. */
const MOST = 6;

/** Pages that were given: one is taken up again with its words. */
export function GivenBefore({
  pages,
  onOpen,
}: {
  /** The newest first. */
  pages: readonly LogEntryOf<'term'>[];
  onOpen: (page: LogEntryOf<'term'>) => void;
}) {
  if (pages.length === 0) return null;
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="strong" level={2}>
        {termWords.before}
      </Text>
      {pages.slice(0, MOST).map((page) => (
        <Button
          key={page.id}
          label={termWords.given(
            termWords.readers[page.reader],
            dayWords(`${page.until}T12:00:00`),
          )}
          icon="file-document-outline"
          compact
          onPress={() => onOpen(page)}
        />
      ))}
    </Card>
  );
}
