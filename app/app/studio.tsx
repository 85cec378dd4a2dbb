export { StudioFiles as default } from '../src/features/studio/Studio';
