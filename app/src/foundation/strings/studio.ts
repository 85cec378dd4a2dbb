/** The catalogue of the studio's files in use: loaded with the screen, not before. */
export { studio as studioWords } from './en/studio';
