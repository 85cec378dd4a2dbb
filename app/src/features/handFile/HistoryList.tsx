import { useState } from 'react';
import type { CheckSummary } from '@open-palm/contract';
import { Button } from '../../foundation/kit/Button';
import { Text } from '../../foundation/kit/Text';
import { strings } from '../../foundation/strings';
import { HistoryRow } from './HistoryRow';

const words = strings.handFile;

/** How many looks are shown at first, and how many more at a touch: years of them would make a slow page. */
const FIRST = 8;
const MORE = 40;

/** Every look, the newest first. */
export function HistoryList({ history, now }: { history: readonly CheckSummary[]; now: Date }) {
  const [count, setCount] = useState(FIRST);
  const left = history.length - count;
  return (
    <>
      <Text variant="heading">{words.history}</Text>
      {history.length === 0 ? <Text>{words.noHistory}</Text> : null}
      {history.slice(0, count).map((check) => (
        <HistoryRow key={check.id} check={check} now={now} />
      ))}
      {left > 0 ? (
        <Button
          label={words.olderLooks(Math.min(MORE, left))}
          icon="chevron-down"
          onPress={() => setCount(count + MORE)}
        />
      ) : null}
    </>
  );
}
