/** The catalogue of the door: loaded with its screens, not before. */
export { door as doorWords } from './en/door';
