import type { RemovableKind } from '@open-palm/contract';

/** Rows of one table that go with a thing; each `?` is the thing's id. */
export interface Owned {
  table: string;
  where: string;
}

const ofLooks = (table: string): Owned => ({
  table,
  where: 'check_id in (select id from checks where student_id = ?)',
});

const ofStudent = (table: string): Owned => ({ table, where: 'student_id = ?' });

/**
 * The facts that go with a thing, whoever they refer to first: in this order they can be brought back. What is worked out of them is not among them;
 * it goes by itself and is worked out again.
 */
export const OWNED: Readonly<Record<RemovableKind, readonly Owned[]>> = {
  student: [
    { table: 'students', where: 'id = ?' },
    ofStudent('setups'),
    ofStudent('relaxed_hands'),
    ofStudent('checks'),
    ofLooks('captures'),
    ofLooks('told'),
    ofLooks('letters'),
    ofStudent('log_entries'),
    ofStudent('takes'),
    ofStudent('crossings'),
    ofStudent('group_members'),
    ofStudent('walk_marks'),
    ofStudent('walk_players'),
    {
      table: 'edits',
      where: `(kind = 'student' and of_id = ?)
        or (kind = 'letter' and of_id in (select id from checks where student_id = ?))
        or (kind = 'take' and of_id in (select id from takes where student_id = ?))
        or (kind = 'group' and instr(body_json || coalesce(sent_json, ''), ?) > 0)`,
    },
  ],
  check: [
    { table: 'checks', where: 'id = ?' },
    { table: 'captures', where: 'check_id = ?' },
    { table: 'told', where: 'check_id = ?' },
    { table: 'letters', where: 'check_id = ?' },
    { table: 'edits', where: `kind = 'letter' and of_id = ?` },
  ],
  take: [
    { table: 'takes', where: 'id = ?' },
    { table: 'edits', where: `kind = 'take' and of_id = ?` },
  ],
  letter: [
    { table: 'letters', where: 'check_id = ?' },
    { table: 'edits', where: `kind = 'letter' and of_id = ?` },
  ],
  // A picture is only hidden: the points that were set on it stay with its look.
  picture: [],
  photographs: [],
};

/** Pictures that go with a thing: those that nothing else names. */
export const PICTURES_OF: Readonly<Record<RemovableKind, string | null>> = {
  student: `select picture_id from captures where check_id in (select id from checks where student_id = ?)
    union select picture_id from relaxed_hands where student_id = ?`,
  check: `select picture_id from captures where check_id = ?
    except select picture_id from captures where check_id <> ?
    except select picture_id from relaxed_hands`,
  picture: 'select id as picture_id from pictures where id = ? and erased = 0',
  photographs: `select id as picture_id from pictures where erased = 0 and id not in (select picture_id from bin_pictures)
    and (id in (select picture_id from captures where check_id in (select id from checks where student_id = ?))
      or id in (select picture_id from relaxed_hands where student_id = ?))`,
  take: null,
  letter: null,
};
