export { NewStudentScreen as default } from '../../src/features/students/NewStudentScreen';
