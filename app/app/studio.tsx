export { StudioFiles as default } from '../src/features/studioFiles/StudioFiles';
