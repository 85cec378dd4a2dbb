/** Everything of the weeks comes in one piece, whether the hand file or the screen of its own asks first. */
export { WeeksScreen } from './screen/ProgressScreen';
export { WeeksCardView } from './ProgressCardView';
