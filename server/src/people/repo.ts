import type { Knex } from 'knex';
import type { Person, Role } from '@open-palm/contract';

interface PersonRow {
  id: string;
  name: string;
  role: Role;
  out_at: string | null;
  created_at: string;
}

/** Somebody of the studio; who was put out stays known by what they made. */
export type KnownPerson = Person & { isOut: boolean };

const personOf = ({ id, name, role, out_at }: PersonRow): KnownPerson => ({
  id,
  name,
  role,
  isOut: out_at !== null,
});

export const allPeople = async (db: Knex): Promise<KnownPerson[]> =>
  (await db<PersonRow>('people').orderBy('created_at')).map(personOf);

export async function findPerson(db: Knex, id: string): Promise<KnownPerson | undefined> {
  const row = await db<PersonRow>('people').where({ id }).first();
  return row && personOf(row);
}

export async function putPerson(db: Knex, person: Person, createdAt: string): Promise<void> {
  const { id, name, role } = person;
  await db<PersonRow>('people')
    .insert({ id, name, role, created_at: createdAt })
    .onConflict('id')
    .merge({ name, role });
}

export async function setOut(db: Knex, id: string, at: string | null): Promise<void> {
  await db<PersonRow>('people').where({ id }).update({ out_at: at });
}
