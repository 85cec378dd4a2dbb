/** The catalogue of what keeps the studio from answering: loaded with its screen, not before. */
export { trouble as troubleWords } from './en/trouble';
