export { NothingHere as default } from '../src/foundation/kit/NothingHere';
