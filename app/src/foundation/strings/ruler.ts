/** The catalogue of checking the ruler: loaded with its screen, not before. */
export { ruler as rulerWords } from './en/ruler';
