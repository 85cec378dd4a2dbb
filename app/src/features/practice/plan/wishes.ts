import type { PlanWishes } from '@open-palm/records/practice';

const without = <T>(record: Readonly<Record<string, T>>, key: string): Record<string, T> => {
  const { [key]: _, ...rest } = record;
  return rest;
};

/** What a teacher does to a drill of a plan; the rest is planned again around it. */
export type DrillWish =
  | { kind: 'lock' | 'unlock' | 'drop' | 'everywhere'; drill: string }
  | { kind: 'swap'; drill: string; by: string }
  | { kind: 'move'; drill: string; phase: number }
  | { kind: 'stage'; drill: string; stage: number };

/** The wishes after one more of them. */
export function wished(wishes: PlanWishes, wish: DrillWish): PlanWishes {
  const { drill } = wish;
  const free = {
    ...wishes,
    locked: wishes.locked.filter((id) => id !== drill),
    moved: without(wishes.moved, drill),
  };
  switch (wish.kind) {
    case 'lock':
      return {
        ...wishes,
        locked: [...new Set([...wishes.locked, drill])],
        dropped: wishes.dropped.filter((id) => id !== drill),
      };
    case 'unlock':
    case 'everywhere':
      return free;
    case 'drop':
      return { ...free, dropped: [...new Set([...wishes.dropped, drill])] };
    case 'swap':
      return wished(wished(wishes, { kind: 'drop', drill }), { kind: 'lock', drill: wish.by });
    case 'move':
      return { ...free, moved: { ...free.moved, [drill]: wish.phase } };
    case 'stage':
      return { ...wishes, stages: { ...wishes.stages, [drill]: wish.stage } };
  }
}

/** Whether the teacher has settled that a drill is in. */
export const isSettled = ({ locked, moved }: PlanWishes, drill: string): boolean =>
  locked.includes(drill) || drill in moved;
