export { People as default } from '../../src/features/studio/studioParts';
