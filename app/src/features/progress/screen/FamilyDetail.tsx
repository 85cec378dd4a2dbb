import { useState } from 'react';
import { View } from 'react-native';
import { FAMILIES, type Family } from '@open-palm/core/measure';
import { SavableChart } from '../../../foundation/charts/SavableChart';
import { NumberTable } from '../../../foundation/charts/NumberTable';
import { ShowAsToggle } from '../../../foundation/charts/ShowAsToggle';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { dayWords } from '../../../foundation/strings/dateWords';
import { listWords } from '../../../foundation/strings/listWords';
import { numberWords, rangeWords, seriesName } from '../../../foundation/strings/measureWords';
import { progressWords } from '../../../foundation/strings/progress';
import { seriesWords } from '../changeWords';
import { driftFrom, restartLines, spanOf } from '../FamilyCharts';
import type { Followed } from '../followed';
import { TimeChart } from '../TimeChart';
import { togetherOf } from '../togetherOf';
import {
  familyPoints,
  seriesOfFamily,
  seriesPoints,
  unitOf,
  type ProgressPoint,
} from '../progressPoints';

/** How many rows a table shows at first. */
const FIRST_ROWS = 26;

/** A family's room and each of its checkpoints over the weeks. */
export function FamilyDetail({
  followed,
  family,
  now,
  cursors = [],
}: {
  followed: Followed;
  family: Family;
  now: Date;
  cursors?: readonly number[];
}) {
  const series = seriesOfFamily(followed.checks, family);
  const isOnce = (one: string) => seriesPoints(followed.checks, one).length < 2;
  const followedSeries = series.filter((one) => !isOnce(one));
  const once = series.filter(isOnce);
  const together = togetherOf(followed.standing, family);
  return (
    <View style={{ gap: space(3) }}>
      <Text variant="heading">{progressWords.checkpoints(strings.families[family])}</Text>
      {series.length === 0 ? <Text>{progressWords.notSeen}</Text> : null}
      {together === null ? null : <Text variant="small">{progressWords.together[together]}</Text>}
      {series.length > 0 ? (
        <WeekFigure
          followed={followed}
          series={family}
          points={familyPoints(followed.checks, family)}
          now={now}
          cursors={cursors}
        />
      ) : null}
      {followedSeries.map((one) => (
        <WeekFigure
          key={one}
          followed={followed}
          series={one}
          points={seriesPoints(followed.checks, one)}
          now={now}
          cursors={cursors}
        />
      ))}
      {once.length > 0 ? (
        <Text variant="small" second>
          {progressWords.onceOnly(listWords(once.map(seriesName)))}
        </Text>
      ) : null}
    </View>
  );
}

/** The degree stands at each number, other units above them. */
const axisOf = (series: string) => {
  const sign = strings.units[unitOf(series)];
  return unitOf(series) === 'deg'
    ? { unit: sign, heading: '' }
    : { unit: '', heading: sign.trim() };
};

/** One figure: a sentence, the chart, its table a tap away, and the way to take it along. */
function WeekFigure({
  followed,
  series,
  points,
  now,
  cursors,
}: {
  followed: Followed;
  series: string;
  points: readonly ProgressPoint[];
  now: Date;
  cursors: readonly number[];
}) {
  const [asTable, setAsTable] = useState(false);
  const isRoom = FAMILIES.some((family) => family === series);
  const title = isRoom ? progressWords.room(seriesName(series)) : seriesName(series);
  if (points.length === 0) return null;
  return (
    <Card style={{ gap: space(2) }}>
      <ShowAsToggle title={title} asTable={asTable} onChange={setAsTable} />
      {isRoom ? null : <Text variant="small">{seriesWords(followed, series, now)}</Text>}
      {asTable ? (
        <WeekTable title={title} points={points} isRoom={isRoom} />
      ) : (
        <SavableChart title={title}>
          <TimeChart
            label={progressWords.family(title)}
            points={points}
            span={spanOf(followed, now)}
            axis={
              isRoom
                ? { above: progressWords.inside, below: progressWords.outside }
                : axisOf(series)
            }
            restarts={restartLines(followed)}
            cursors={cursors}
            {...driftFrom(followed, series)}
          />
        </SavableChart>
      )}
    </Card>
  );
}

function WeekTable({
  title,
  points,
  isRoom,
}: {
  title: string;
  points: readonly ProgressPoint[];
  isRoom: boolean;
}) {
  const [all, setAll] = useState(false);
  const { columns } = progressWords;
  const newest = [...points].reverse();
  const shown = all ? newest : newest.slice(0, FIRST_ROWS);
  const number = ({ value, sd, series }: ProgressPoint) =>
    isRoom
      ? `${value.toFixed(1)} ± ${sd.toFixed(1)}`.replace('-', '−')
      : numberWords({ value, sd, unit: unitOf(series) });
  return (
    <View style={{ gap: space(2) }}>
      <NumberTable
        label={title}
        columns={[columns.look, columns.value, isRoom ? columns.narrowest : columns.wanted]}
        rows={shown.map((point) => ({
          id: point.checkId,
          head: dayWords(new Date(point.at).toISOString()),
          cells: [number(point), isRoom ? seriesName(point.series) : wantedWords(point)],
        }))}
      />
      {newest.length > shown.length ? (
        <Button
          label={progressWords.moreRows(newest.length)}
          compact
          onPress={() => setAll(true)}
        />
      ) : null}
    </View>
  );
}

const wantedWords = ({ lo, hi, series }: ProgressPoint): string =>
  lo === null && hi === null
    ? progressWords.noBand
    : rangeWords(
        { ...(lo === null ? {} : { lo }), ...(hi === null ? {} : { hi }) },
        unitOf(series),
      );
