import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import type { KeptGroup } from '@open-palm/contract';
import { groupFileSchema } from '@open-palm/contract/walk';
import { post } from '../../foundation/api/access';
import { ask } from '../../foundation/api/client';
import { paths } from '../../foundation/api/paths';
import { refreshGroups } from '../../foundation/api/refresh';
import { Button } from '../../foundation/kit/Button';
import { Card } from '../../foundation/kit/Card';
import { Notice } from '../../foundation/kit/Notice';
import { walksCsv } from '@open-palm/records/row';
import { printPage } from '../../foundation/kit/printPage';
import { saveFile } from '../../foundation/kit/saveFile';
import { space } from '../../foundation/kit/tokens';
import { rowWords } from '../../foundation/strings/row';
import type { Player, Standing } from './room';
import { PLAN_CSS, planPage } from './planPage';
import type { RoomReading } from './shared';

const words = rowWords.group;
const goneSchema = z.object({ goneAt: z.string() });

/** What else can be done with a group. */
export function GroupTools({
  group,
  players,
  reading,
  standings,
  isHidden,
  nameOf,
  onHide,
}: {
  group: KeptGroup;
  players: readonly Player[];
  reading: RoomReading;
  standings: ReadonlyMap<string, Standing>;
  isHidden: boolean;
  nameOf: (player: Player) => string;
  onHide: (hides: boolean) => void;
}) {
  const [asks, setAsks] = useState(false);
  const [failed, setFailed] = useState(false);
  const print = (withNotes: boolean) =>
    printPage(
      planPage({ group, players, nameOf, notes: withNotes ? { reading, standings } : null }),
      PLAN_CSS,
    );
  const save = async (withNames: boolean) => {
    setFailed(false);
    try {
      const whole = await ask(groupFileSchema, paths.wholeGroup(group.id));
      const called = players.map(({ studentId, name, setup: { instrument } }, i) => ({
        studentId,
        instrument,
        calledBy: withNames ? name : words.playerNumber(i + 1),
      }));
      const csv = walksCsv(whole.walks, called);
      saveFile(new Blob([csv], { type: 'text/csv' }), `${group.name}.csv`);
    } catch {
      setFailed(true);
    }
  };
  const remove = async () => {
    try {
      await post(goneSchema, paths.groupTo(group.id, 'remove'), {});
      await refreshGroups();
      router.dismissTo('/groups');
    } catch {
      setFailed(true);
    }
  };
  return (
    <Card style={{ gap: space(2) }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
        <Button
          label={words.edit}
          icon="account-edit-outline"
          onPress={() => router.navigate(`/groups/${group.id}/edit`)}
        />
        <Button
          label={words.weeks}
          icon="chart-line"
          onPress={() => router.navigate(`/groups/${group.id}/weeks`)}
        />
        <Button
          label={isHidden ? words.showNames : words.hideNames}
          onPress={() => onHide(!isHidden)}
        />
        <Button label={words.plan} icon="printer-outline" onPress={() => print(false)} />
        <Button label={words.planNotes} icon="printer-outline" onPress={() => print(true)} />
        <Button label={words.csv} icon="download" onPress={() => void save(false)} />
        <Button label={words.csvNames} icon="download" onPress={() => void save(true)} />
        <Button label={words.remove} icon="delete-outline" onPress={() => setAsks(true)} />
      </View>
      {failed ? <Notice tone="out">{words.offline}</Notice> : null}
      {asks ? (
        <Notice
          tone="out"
          action={{ label: words.removeIt, onPress: () => void remove() }}
          further={{ label: words.cancel, onPress: () => setAsks(false) }}
        >
          {words.removeHelp}
        </Notice>
      ) : null}
    </Card>
  );
}
