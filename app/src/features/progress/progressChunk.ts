/** Everything of the weeks comes in one piece, whether the hand file or the screen of its own asks first. */
export { ProgressScreen } from './screen/ProgressScreen';
export { ProgressCardView } from './ProgressCardView';
