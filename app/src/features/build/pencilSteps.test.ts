import { HOLD_IDS, holdById } from '@open-palm/core/holds';
import { strings } from '../../foundation/strings';
import { figureOf } from './buildingFigures';
import { pencilSteps } from './pencilSteps';

it.each(HOLD_IDS.filter((id) => holdById(id).hand === 'over'))(
  'the hold %s is built on a pencil by the same steps, and no step speaks of a frog',
  (id) => {
    for (const { steps } of holdById(id).building) {
      const onPencil = pencilSteps(steps);
      expect(onPencil.slice(0, -1)).toEqual(steps.filter((step) => onPencil.includes(step)));
      expect(onPencil.at(-1)).toBe('stretch-and-curl');
      expect(onPencil).not.toContain('play');
      for (const step of onPencil) {
        const words = strings.pencilWords[step] ?? strings.steps[step];
        expect(words).toBeDefined();
        expect(words).not.toMatch(/frog|bow|stick|metal/i);
      }
      // The whole hand is on it at the end.
      const last = figureOf(onPencil, onPencil.length - 1);
      expect(last.kind === 'grip' && last.parts).toHaveLength(5);
    }
  },
);
