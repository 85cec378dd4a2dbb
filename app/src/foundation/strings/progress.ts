/** The catalogue of the weeks in use: loaded with what shows them, not before. */
export { weeks as weekWords } from './en/progress';
