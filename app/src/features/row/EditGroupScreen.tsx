import { router } from 'expo-router';
import { useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import type { GroupInput } from '@open-palm/contract';
import { groupInputOf } from '@open-palm/contract/group';
import { useStudents } from '../../foundation/api/queries';
import { Loaded } from '../../foundation/kit/Loaded';
import { GroupForm } from './GroupForm';
import { useRoom } from './useRoom';

const NEW: GroupInput = { name: '', meets: null, layout: 'rows', members: {} };

/** Writes down a new group. */
export function NewGroupScreen() {
  const [id] = useState(() => uuidv7());
  const students = useStudents();
  return (
    <Loaded from={students}>
      {(data) => (
        <GroupForm
          id={id}
          initial={NEW}
          basedOn={0}
          students={data.students}
          onBack={() => router.dismissTo('/groups')}
        />
      )}
    </Loaded>
  );
}

/** Changes what is written down of a group. */
export function EditGroupScreen({ groupId }: { groupId: string }) {
  const room = useRoom(groupId);
  const students = useStudents();
  return (
    <Loaded from={room}>
      {({ file: { group } }) => (
        <GroupForm
          id={group.id}
          initial={groupInputOf(group)}
          basedOn={group.version}
          students={students.data?.students ?? []}
          onBack={() => router.dismissTo(`/groups/${group.id}`)}
        />
      )}
    </Loaded>
  );
}
