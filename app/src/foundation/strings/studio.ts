/** The catalogue of the studio's files in use: loaded with the screen, not before. */
export { studioFiles as fileWords } from './en/studio';
