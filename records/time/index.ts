export * from './days';
export * from './lessonTime';
export * from './zoneOf';
