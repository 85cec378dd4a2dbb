/** The catalogue of a term's page in use: loaded with what shows it. */
export { term as termWords } from './en/term';
