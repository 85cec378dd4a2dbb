export { Studio as default } from '../src/features/studio/Studio';
