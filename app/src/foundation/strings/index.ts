import { en, type Strings } from './en';

/** The catalogue in use. */
export const strings: Strings = en;
