export { Phones as default } from '../../src/features/studio/studioParts';
