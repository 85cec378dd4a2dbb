/** The catalogue of the studio's own screens: loaded with them, not before. */
export { letIn as letInWords } from './en/letIn';
