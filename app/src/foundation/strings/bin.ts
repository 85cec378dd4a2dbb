/** The catalogue of what is removed and brought back: loaded with the screens that need it. */
export { bin as binWords } from './en/bin';
