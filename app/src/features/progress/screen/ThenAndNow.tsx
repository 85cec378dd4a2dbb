import { useMemo } from 'react';
import type { HandFile } from '@open-palm/contract';
import { gripFacts, gripOf } from '@open-palm/records/grip';
import type { Hold } from '@open-palm/core/holds';
import { heldAt } from '@open-palm/records/term';
import { NumberTable } from '../../../foundation/charts/NumberTable';
import { SavableChart } from '../../../foundation/charts/SavableChart';
import { Card } from '../../../foundation/kit/Card';
import { SlideBar } from '../../../foundation/kit/SlideBar';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { GripPortrait } from '../../../drawing/portrait/GripPortrait';
import { dayWords } from '../../../foundation/strings/dateWords';
import { seriesName } from '../../../foundation/strings/measureWords';
import { progressWords } from '../../../foundation/strings/progress';
import { changeSince, withUnit } from '../changeWords';
import type { Followed, FollowedCheck } from '../followed';

const words = progressWords.portraits;

/** How many looks back a portrait may reach for what a look did not show. */
const REACH = 8;

/** The hold then and now, laid over each other; a slider over the looks chooses then. */
export function ThenAndNow({
  followed,
  handFile: { student, setupId },
  taught,
  thenId,
  onThen,
}: {
  followed: Followed;
  handFile: HandFile;
  taught: Hold;
  /** The look that stands for then; null for the first. */
  thenId: string | null;
  onThen: (checkId: string) => void;
}) {
  const { checks } = followed;
  const last = checks.length - 1;
  const chosen = Math.max(
    0,
    checks.findIndex(({ kept }) => kept.id === thenId),
  );
  const index = Math.min(chosen, last - 1);
  const hold = useMemo(() => {
    const setup = student.setups.find(({ id }) => id === setupId)!;
    return gripFacts(gripOf(student, setup, taught, null), taught, null).hold;
  }, [student, setupId, taught]);
  const drawn = useMemo(() => drawnAt(checks, last), [checks, last]);
  const over = useMemo(() => drawnAt(checks, index), [checks, index]);
  if (last < 1) return null;
  const then = checks[index]!;
  const dates = { then: dayWords(then.kept.takenAt), now: dayWords(checks[last]!.kept.takenAt) };
  return (
    <Card style={{ gap: space(2) }}>
      <Text variant="strong" level={2}>
        {words.title}
      </Text>
      <SavableChart title={words.title}>
        <GripPortrait
          label={words.label(dates.then, dates.now)}
          numbers={{
            hold,
            bowSize: student.setups.find(({ id }) => id === setupId)!.bowSize,
            side: student.side,
            skinTone: student.skinTone,
            verdicts: {},
            ...drawn,
          }}
          over={over}
        />
      </SavableChart>
      <SlideBar
        label={words.slider}
        value={index}
        valueText={dates.then}
        min={0}
        max={last - 1}
        step={1}
        ends={[dayWords(checks[0]!.kept.takenAt), dayWords(checks[last - 1]!.kept.takenAt)]}
        onChange={(value) => onThen(checks[Math.round(value)]!.kept.id)}
      />
      <Text variant="small" second>
        {words.legend(dates.then)}
      </Text>
      <ChangeTable followed={followed} then={then} />
    </Card>
  );
}

/** What is drawn of a look, with what it did not show from the looks before it. */
const drawnAt = (checks: readonly FollowedCheck[], index: number) =>
  heldAt(checks.slice(Math.max(0, index - REACH + 1), index + 1).reverse());

/** Every checkpoint then and now, with whether it really changed. */
function ChangeTable({ followed: { checks }, then }: { followed: Followed; then: FollowedCheck }) {
  const series = [...new Set(checks.flatMap(({ tracked }) => Object.keys(tracked.measures)))];
  const changes = series.flatMap((one) => changeSince(checks, one, then) ?? []);
  if (changes.length === 0) return null;
  return (
    <NumberTable
      label={words.table}
      columns={words.columns}
      rows={changes.map((change) => ({
        id: change.series,
        head: seriesName(change.series),
        cells: [
          withUnit(change.from, change.series),
          withUnit(change.to, change.series),
          change.code === 'realChange' ? words.real : words.none,
        ],
      }))}
    />
  );
}
