import { useState } from 'react';
import type { Family } from '@open-palm/core/measure';
import { ShowAsToggle } from '../../foundation/charts/ShowAsToggle';
import { Card } from '../../foundation/kit/Card';
import { Text } from '../../foundation/kit/Text';
import { space } from '../../foundation/kit/tokens';
import { progressWords } from '../../foundation/strings/progress';
import { FamilyCharts } from './FamilyCharts';
import { FamilyTable } from './FamilyTable';
import type { Followed } from './followed';

/** The four families over the weeks, as pictures or as a table. */
export function ProgressOverview({
  followed,
  now,
  chosen,
  onChoose,
  cursors,
}: {
  followed: Followed;
  now: Date;
  chosen?: Family | null;
  onChoose: (family: Family) => void;
  cursors?: readonly number[];
}) {
  const [asTable, setAsTable] = useState(false);
  return (
    <Card style={{ gap: space(2) }}>
      <ShowAsToggle title={progressWords.families} asTable={asTable} onChange={setAsTable} />
      {asTable ? (
        <FamilyTable followed={followed} />
      ) : (
        <FamilyCharts
          followed={followed}
          now={now}
          onChoose={onChoose}
          {...(chosen === undefined ? {} : { chosen })}
          {...(cursors ? { cursors } : {})}
        />
      )}
      <Text variant="small" second>
        {progressWords.familiesHelp}
      </Text>
    </Card>
  );
}
