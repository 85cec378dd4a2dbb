import { useState } from 'react';
import { View } from 'react-native';
import { FAMILIES } from '@open-palm/core/measure';
import { NumberTable } from '../../foundation/charts/NumberTable';
import { Button } from '../../foundation/kit/Button';
import { space } from '../../foundation/kit/tokens';
import { strings } from '../../foundation/strings';
import { dayWords } from '../../foundation/strings/dateWords';
import { progressWords } from '../../foundation/strings/progress';
import { withUnit } from './changeWords';
import type { Followed } from './followed';
import { familyPoints } from './progressPoints';

/** How many looks a table shows at first. */
const FIRST_ROWS = 26;

/** The four families look by look, the newest first: how each stood, and its narrowest checkpoint's value. */
export function FamilyTable({ followed }: { followed: Followed }) {
  const [all, setAll] = useState(false);
  const byFamily = FAMILIES.map(
    (family) => new Map(familyPoints(followed.checks, family).map((one) => [one.checkId, one])),
  );
  const newest = [...followed.checks].reverse();
  const rows = (all ? newest : newest.slice(0, FIRST_ROWS)).map(({ kept, tracked }) => ({
    id: kept.id,
    head: dayWords(kept.takenAt),
    cells: byFamily.map((points, i) => {
      const point = points.get(kept.id);
      const standing = strings.standings[kept.standings[FAMILIES[i]!]];
      if (!point) return standing;
      return `${standing}, ${withUnit(tracked.measures[point.series]!.value, point.series)}`;
    }),
  }));
  return (
    <View style={{ gap: space(2) }}>
      <NumberTable
        label={progressWords.families}
        columns={[
          progressWords.columns.look,
          ...FAMILIES.map((family) => strings.families[family]),
        ]}
        rows={rows}
      />
      {newest.length > rows.length ? (
        <Button
          label={progressWords.moreRows(newest.length)}
          compact
          onPress={() => setAll(true)}
        />
      ) : null}
    </View>
  );
}
