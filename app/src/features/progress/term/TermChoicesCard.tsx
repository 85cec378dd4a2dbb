import { useState } from 'react';
import { View } from 'react-native';
import { TERM_READERS } from '@open-palm/contract/termPage';
import type { Hold } from '@open-palm/core/holds';
import { TURNED } from '../../../drawing/portrait/portraitView';
import { Card } from '../../../foundation/kit/Card';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { WordField } from '../../../foundation/kit/WordField';
import { strings } from '../../../foundation/strings';
import { termWords } from '../../../foundation/strings/term';
import { timeProblem } from './termTime';
import type { TermChoices } from './useTermDraft';

/** For whom a page is. */
export function ReaderChoices({
  reader: chosen,
  onChoose,
}: Pick<TermChoices, 'reader'> & { onChoose: (more: Partial<TermChoices>) => void }) {
  return (
    <Choices question={termWords.reader}>
      {TERM_READERS.map((reader) => (
        <Choice
          key={reader}
          label={termWords.readers[reader]}
          chosen={reader === chosen}
          onPress={() => onChoose({ reader })}
        />
      ))}
    </Choices>
  );
}

/** Of which time a page tells, and from where the hands are drawn. */
export function TermChoicesCard({
  choices,
  hand,
  today,
  onChoose,
}: {
  choices: TermChoices;
  hand: Hold['hand'];
  today: string;
  onChoose: (more: Partial<TermChoices>) => void;
}) {
  const names = strings.portrait;
  return (
    <Card style={{ gap: space(3) }}>
      <TimeFields
        key={`${choices.from} ${choices.until}`}
        from={choices.from}
        until={choices.until}
        today={today}
        onChange={onChoose}
      />
      <Choices question={termWords.view}>
        {TURNED[hand].map((view) => (
          <Choice
            key={view}
            label={(hand === 'under' && names.underViews[view]) || names.views[view]}
            chosen={view === choices.view}
            onPress={() => onChoose({ view })}
          />
        ))}
        <Choice
          label={termWords.noHands}
          chosen={choices.view === null}
          onPress={() => onChoose({ view: null })}
        />
      </Choices>
    </Card>
  );
}

/** The days of a term as they are written; what cannot be is told, and the page stays as it was. */
function TimeFields({
  from,
  until,
  today,
  onChange,
}: {
  from: string;
  until: string;
  today: string;
  onChange: (time: { from: string; until: string }) => void;
}) {
  const tokens = useTokens();
  const [written, setWritten] = useState({ from, until });
  const problem = timeProblem(written, today);
  const write = (more: Partial<typeof written>) => setWritten((old) => ({ ...old, ...more }));
  const take = () => {
    if (problem === null && (written.from !== from || written.until !== until)) onChange(written);
  };
  return (
    <View style={{ gap: space(1) }}>
      <View style={{ flexDirection: 'row', gap: space(2) }}>
        {(['from', 'until'] as const).map((end) => (
          <View key={end} style={{ flex: 1 }}>
            <WordField
              label={termWords[end]}
              value={written[end]}
              onChange={(text) => write({ [end]: text.trim() })}
              onBlur={take}
            />
          </View>
        ))}
      </View>
      {problem === null ? null : (
        <Text variant="small" color={tokens.out}>
          {problem}
        </Text>
      )}
    </View>
  );
}
