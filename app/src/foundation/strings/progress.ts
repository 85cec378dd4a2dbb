/** The catalogue of the weeks in use: loaded with what shows them, not before. */
export { progress as progressWords } from './en/progress';
