export { Bin as default } from '../../src/features/studio/studioParts';
