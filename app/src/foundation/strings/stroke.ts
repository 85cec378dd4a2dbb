/** The catalogue of the stroke screen in use: loaded with the screen, not before. */
export { stroke as strokeWords } from './en/stroke';
