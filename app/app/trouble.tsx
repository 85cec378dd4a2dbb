export { Trouble as default } from '../src/features/door/Trouble';
