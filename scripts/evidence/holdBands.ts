import { HOLD_IDS, holdById, type Band } from '@open-palm/core/holds';
import { evidenceOf, type EvidenceRow } from './evidenceRow';

/** A band as text: from … to, or what is allowed. */
const bandText = (band: Band): string =>
  'allowed' in band ? band.allowed.join(', ') : `${band.lo ?? '…'} to ${band.hi ?? '…'}`;

/** Every band of every hold in the version that ships, and of the answers where schools differ. */
export const holdBands = (): EvidenceRow[] =>
  HOLD_IDS.flatMap((id) => {
    const { checkpoints, settings } = holdById(id);
    const options = settings.flatMap(({ id: setting, options: all }) =>
      all.flatMap((option) =>
        option.checkpoints ? [{ at: ` (${setting}: ${option.id})`, of: option.checkpoints }] : [],
      ),
    );
    return [{ at: '', of: checkpoints }, ...options].flatMap(({ at, of }) =>
      Object.entries(of).flatMap(([measure, checkpoint]): EvidenceRow[] => {
        if (!('standing' in checkpoint)) return [];
        const { band, inTheAir, playing, byPlace = {}, standing } = checkpoint;
        const bands: [string, Band | undefined][] = [
          ['', band],
          [', in the air', inTheAir],
          [', playing', playing],
          ...Object.entries(byPlace).map(([place, one]): [string, Band | undefined] => [
            `, at the ${place}`,
            one,
          ]),
        ];
        const said = bands.flatMap(([where, one]) => (one ? [{ where, one }] : []));
        if (standing === 'own') return [];
        return said.map(({ where, one }) => ({
          what: `${id}: ${measure}${where}${at}`,
          value: bandText(one),
          ...evidenceOf(standing),
          used: 'core/holds/bandFor.ts, core/measure/withVerdict.ts',
          decides: 'in or out',
        }));
      }),
    );
  });
