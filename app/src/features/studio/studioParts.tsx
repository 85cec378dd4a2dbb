import { lazyPart } from '../../foundation/kit/lazyPart';

const room = () => ({ minHeight: 200 });

/** The studio's own screens: their programs come when somebody opens them. */
export const StudioHome = lazyPart<object>(
  async () => (await import('./StudioHomeScreen')).StudioHomeScreen,
  room,
);
export const Files = lazyPart<object>(
  async () => (await import('./files/FilesScreen')).FilesScreen,
  room,
);
export const Backups = lazyPart<object>(
  async () => (await import('./backups/BackupsScreen')).BackupsScreen,
  room,
);
export const Bin = lazyPart<object>(async () => (await import('./bin/BinScreen')).BinScreen, room);
export const People = lazyPart<object>(
  async () => (await import('./people/PeopleScreen')).PeopleScreen,
  room,
);
export const Phones = lazyPart<object>(
  async () => (await import('./phones/PhonesScreen')).PhonesScreen,
  room,
);
export const Settings = lazyPart<object>(
  async () => (await import('./SettingsScreen')).SettingsScreen,
  room,
);
