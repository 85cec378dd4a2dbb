/** The catalogue of the row in use: loaded with what shows it, not before. */
export { row as rowWords } from './en/row';
