export { Backups as default } from '../../src/features/studio/studioParts';
