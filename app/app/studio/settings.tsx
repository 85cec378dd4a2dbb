export { Settings as default } from '../../src/features/studio/studioParts';
