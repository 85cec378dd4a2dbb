/** The catalogue of what waits: loaded with its screen, not before. */
export { waitingScreen as waitingWords } from './en/waiting';
