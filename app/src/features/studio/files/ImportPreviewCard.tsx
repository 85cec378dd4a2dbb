import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import {
  DATE_ORDERS,
  type Correction,
  type DateOrder,
  MOST_CORRECTIONS,
  type ImportPreview,
} from '@open-palm/contract/exchange/preview';
import { describeProblem } from '@open-palm/words/describe';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { Notice } from '../../../foundation/kit/Notice';
import { StateMark } from '../../../foundation/kit/StateMark';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { WordField } from '../../../foundation/kit/WordField';
import { listWords } from '../../../foundation/strings/listWords';
import { studioWords as words } from '../../../foundation/strings/studio';
import { SampleTable } from './SampleTable';

/** How many names of changed students are told. */
const MOST_NAMES = 4;

type RowIssue = ImportPreview['issues'][number];

/** What bringing a file in would do, or what is wrong with it and where. */
export function ImportPreviewCard({
  name,
  preview,
  dateOrder,
  onCorrect,
  onDateOrder,
}: {
  name: string;
  preview: ImportPreview;
  dateOrder: DateOrder | null;
  onCorrect: (corrections: readonly Correction[]) => void;
  onDateOrder: (order: DateOrder) => void;
}) {
  const { kind, rows, issueCount, asksDateOrder, sample, done } = preview;
  return (
    <Card style={{ gap: space(3) }}>
      <View>
        <Text variant="strong" level={2}>
          {words.what(name, rows)}
        </Text>
        {kind ? (
          <Text variant="small" second>
            {words.kinds[kind]}
          </Text>
        ) : null}
      </View>
      {done ? <Notice tone="in">{words.done}</Notice> : null}
      {issueCount > 0 ? (
        <Wrong preview={preview} onCorrect={onCorrect} />
      ) : (
        summaryOf(preview).map((line) => (
          <View key={line} style={{ flexDirection: 'row', gap: space(2), alignItems: 'center' }}>
            <StateMark state="none" size={14} />
            <Text style={{ flex: 1 }}>{line}</Text>
          </View>
        ))
      )}
      {asksDateOrder || dateOrder !== null ? (
        <Choices question={words.order}>
          {DATE_ORDERS.map((order) => (
            <Choice
              key={order}
              label={words.orders[order]}
              chosen={order === dateOrder}
              onPress={() => onDateOrder(order)}
            />
          ))}
        </Choices>
      ) : null}
      {sample.length > 0 && !done ? (
        <View style={{ gap: space(1) }}>
          <Text variant="label" second>
            {words.sample}
          </Text>
          <ScrollView horizontal>
            <SampleTable label={words.sample} lines={sample} />
          </ScrollView>
        </View>
      ) : null}
    </Card>
  );
}

function summaryOf(preview: ImportPreview): string[] {
  const { added, changed, same, withoutPictures, gone, leftAlone } = preview;
  const counts: [number, (count: number) => string][] = [
    [added.students, words.newStudents],
    [added.holds, words.newHolds],
    [added.checks, words.newChecks],
    [added.log, words.newLog],
    [added.groups, words.newGroups],
  ];
  const news = counts.filter(([count]) => count > 0).map(([count, say]) => say(count));
  const names = changed.slice(0, MOST_NAMES);
  return [
    ...news,
    ...(changed.length > 0 ? [words.changes(listWords(names), changed.length - names.length)] : []),
    ...(news.length + changed.length === 0 ? [words.nothing] : []),
    ...(same > 0 ? [words.same(same)] : []),
    ...(withoutPictures > 0 ? [words.withoutPictures(withoutPictures)] : []),
    ...(gone > 0 ? [words.gone(gone)] : []),
    ...(leftAlone.length > 0 ? [words.leftAlone(leftAlone.join(', '))] : []),
  ];
}

/** Whether a wrong cell can be written anew here. */
const isCell = (issue: RowIssue): issue is RowIssue & { row: number; column: string } =>
  issue.row !== null && issue.column !== null && !issue.column.startsWith('column ');

/** Everything that is wrong, row by row; cells can be written anew on the spot. */
function Wrong({
  preview: { issues, issueCount },
  onCorrect,
}: {
  preview: ImportPreview;
  onCorrect: (corrections: readonly Correction[]) => void;
}) {
  const [written, setWritten] = useState<Readonly<Record<string, string>>>({});
  const cells = issues.filter(isCell).slice(0, MOST_CORRECTIONS);
  const keyOf = ({ row, column }: { row: number; column: string }) => `${row} ${column}`;
  const corrections = cells.flatMap((cell): Correction[] => {
    const value = written[keyOf(cell)];
    return value === undefined ? [] : [{ row: cell.row, column: cell.column, value: value.trim() }];
  });
  return (
    <View style={{ gap: space(2) }}>
      <Notice tone="out">{words.wrong(issueCount)}</Notice>
      {issues.map((issue, i) => {
        const cell = isCell(issue) && cells.includes(issue) ? issue : null;
        return (
          <View key={`${issue.row} ${issue.column} ${i}`} style={{ gap: space(1) }}>
            <Text variant="strong">{words.at(issue.row, issue.column)}</Text>
            <Text variant="small">{words.says(describeProblem(issue.problem), issue.value)}</Text>
            {cell ? (
              <WordField
                label={words.correct(cell.row, cell.column)}
                value={written[keyOf(cell)] ?? cell.value ?? ''}
                onChange={(value) => setWritten({ ...written, [keyOf(cell)]: value })}
              />
            ) : null}
          </View>
        );
      })}
      {issueCount > issues.length ? (
        <Text variant="small" second>
          {words.more(issueCount - issues.length)}
        </Text>
      ) : null}
      {cells.length > 0 ? (
        <Button
          label={words.again}
          icon="check"
          disabled={corrections.length === 0}
          onPress={() => onCorrect(corrections)}
        />
      ) : null}
    </View>
  );
}
