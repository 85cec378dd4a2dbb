import type { ComponentType } from 'react';
import { useAccess } from '../../foundation/api/accessState';
import { lazyPart } from '../../foundation/kit/lazyPart';
import { NothingHere } from '../../foundation/kit/NothingHere';

const room = () => ({ minHeight: 200 });

/** A screen that a studio has which knows who comes in; one that is open to all does not. */
function inOwnStudio(Part: ComponentType): ComponentType {
  return function OwnStudioPart() {
    return useAccess()?.standing === 'open' ? <NothingHere /> : <Part />;
  };
}

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
export const People = inOwnStudio(
  lazyPart<object>(async () => (await import('./people/PeopleScreen')).PeopleScreen, room),
);
export const Phones = inOwnStudio(
  lazyPart<object>(async () => (await import('./phones/PhonesScreen')).PhonesScreen, room),
);
export const Settings = inOwnStudio(
  lazyPart<object>(async () => (await import('./SettingsScreen')).SettingsScreen, room),
);
