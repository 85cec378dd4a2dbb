export { Files as default } from '../../src/features/studio/studioParts';
