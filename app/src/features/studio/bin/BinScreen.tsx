import type { BinItem } from '@open-palm/contract';
import { useAccess } from '../../../foundation/api/accessState';
import { bringBack, eraseForGood, useBin } from '../../../foundation/api/bin';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Card } from '../../../foundation/kit/Card';
import { Loaded } from '../../../foundation/kit/Loaded';
import { Notice } from '../../../foundation/kit/Notice';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { binWords as words } from '../../../foundation/strings/bin';
import { useAction } from '../useAction';
import { BinRow } from './BinRow';

/** What was removed: to be brought back within its week, or erased at once. */
export function BinScreen() {
  const found = useBin();
  const access = useAccess();
  const mayErase = access?.standing === 'open' || access?.me?.role === 'owner';
  const { problem, run } = useAction(found.retry);
  const rowOf = (item: BinItem) => (
    <BinRow
      key={item.id}
      item={item}
      onBack={() => run(() => bringBack(item.id))}
      onErase={mayErase ? () => run(() => eraseForGood(item.id)) : null}
    />
  );
  return (
    <Loaded from={found}>
      {({ items, backupsHolding }) => (
        <Screen>
          <BackHeader title={words.title} backLabel={strings.nav.back} onBack="/studio" />
          {problem === null ? null : <Notice tone="out">{problem}</Notice>}
          {backupsHolding > 0 ? <Notice>{words.holding(backupsHolding)}</Notice> : null}
          {items.length === 0 ? (
            <Card style={{ gap: space(1) }}>
              <Text variant="strong">{words.none}</Text>
              <Text variant="small" second>
                {words.noneHelp}
              </Text>
            </Card>
          ) : (
            items.map(rowOf)
          )}
        </Screen>
      )}
    </Loaded>
  );
}
