export { Waiting as default } from '../src/features/waiting/Waiting';
