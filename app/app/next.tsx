export { NextLesson as default } from '../src/features/today/NextLesson';
