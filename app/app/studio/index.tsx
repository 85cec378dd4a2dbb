export { StudioHome as default } from '../../src/features/studio/studioParts';
