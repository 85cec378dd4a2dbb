import { adaptHold, HOLD_IDS, holdById, type Hold } from '../../holds';

/** Every hold as it is, and with each answer to each question on which schools differ. */
export const HOLDS_AND_SETTINGS: readonly (readonly [name: string, hold: Hold])[] =
  HOLD_IDS.flatMap((id) => {
    const hold = holdById(id);
    const sizes = { bow: 1, hand: 1 };
    return [
      [id, adaptHold(hold, {}, sizes)] as const,
      ...hold.settings.flatMap((setting) =>
        setting.options
          .slice(1)
          .map(
            (option) =>
              [
                `${id}, ${setting.id} ${option.id}`,
                adaptHold(hold, { [setting.id]: option.id }, sizes),
              ] as const,
          ),
      ),
    ];
  });
