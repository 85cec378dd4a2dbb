export { HoldsScreen as default } from '../../src/features/holds/HoldsScreen';
