export { GroupsScreen as default } from '../../src/features/row/GroupsScreen';
