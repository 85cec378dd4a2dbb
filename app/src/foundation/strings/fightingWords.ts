import { specOf, type MeasureId } from '@open-palm/core/measure';
import { digitOfPlace } from '@open-palm/core/pose/digitOfPlace';
import type { PoseResidual } from '@open-palm/core/pose';
import { strings } from './index';
import { listWords } from './listWords';
import { measureName, plainNumber } from './measureWords';

/** What of a drawn hand could not be had together, with what was drawn instead. */
export const fightingWords = (fighting: readonly PoseResidual[]): string =>
  strings.portrait.fighting(listWords(fighting.map(toldAs)));

function toldAs({ id, wanted, came }: PoseResidual): string {
  const digit = digitOfPlace(id);
  const unit = digit ? 'mm' : specOf(id as MeasureId).unit;
  return strings.portrait.drawnAs(
    digit
      ? strings.portrait.placeOf(strings.testing.parts[digit].toLowerCase())
      : measureName(id as MeasureId),
    `${plainNumber(wanted, unit)}${strings.units[unit]}`,
    `${plainNumber(came, unit)}${strings.units[unit]}`,
  );
}
