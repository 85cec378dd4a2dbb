import type { Checkpoint, Hold } from './holdSchema';

/**
 * A hold that judges nothing: every checkpoint that had a band is shown without a verdict. For hands that no band fits, as
 * with hypermobile joints: a clinician decides there.
 *
 * @example withoutBands(holdById('cello')).checkpoints.thumbIpFlexion // { shownWithoutVerdict: true }
 */
export function withoutBands(hold: Hold): Hold {
  const bandless = (checkpoint: Checkpoint): Checkpoint =>
    'standing' in checkpoint ? { shownWithoutVerdict: true } : checkpoint;
  const allBandless = (checkpoints: Hold['checkpoints']): Hold['checkpoints'] =>
    Object.fromEntries(Object.entries(checkpoints).map(([id, one]) => [id, bandless(one)]));
  return {
    ...hold,
    checkpoints: allBandless(hold.checkpoints),
    settings: hold.settings.map((setting) => ({
      ...setting,
      options: setting.options.map(({ shift: _, checkpoints, ...option }) => ({
        ...option,
        ...(checkpoints ? { checkpoints: allBandless(checkpoints) } : {}),
      })),
    })),
  };
}
