import { DIGITS, type Digit } from './digits';

/**
 * The digit whose place along the stick a residual tells; null for one of a measure.
 *
 * @example digitOfPlace('indexX') // 'index'
 */
export const digitOfPlace = (id: string): Digit | null =>
  DIGITS.find((digit) => id === `${digit}X`) ?? null;
