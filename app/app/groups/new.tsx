export { NewGroupScreen as default } from '../../src/features/row/EditGroupScreen';
