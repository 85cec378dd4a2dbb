import { router, type Href } from 'expo-router';
import { View } from 'react-native';
import { useAccess } from '../../foundation/api/accessState';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { PressRow } from '../../foundation/kit/PressRow';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { strings } from '../../foundation/strings';
import { letInWords } from '../../foundation/strings/letIn';
import { You } from './You';

const words = letInWords.home;

interface Place {
  href: Href;
  title: string;
  help: string;
}

const PLACES: readonly Place[] = [
  { href: '/studio/phones', title: words.phones, help: words.phonesHelp },
  { href: '/studio/people', title: words.people, help: words.peopleHelp },
  { href: '/studio/settings', title: words.settings, help: words.settingsHelp },
];
const FILES: Place = {
  href: '/studio/files',
  title: words.files,
  help: words.filesHelp,
};

const BACKUPS: Place = {
  href: '/studio/backups',
  title: words.backups,
  help: words.backupsHelp,
};

const RULER: Place = {
  href: '/studio/ruler',
  title: words.ruler,
  help: words.rulerHelp,
};

/** The studio itself: who is signed in, and where it is set up. */
export function StudioHomeScreen() {
  const access = useAccess();
  const isOpen = access?.standing === 'open';
  const isOwner = access?.me?.role === 'owner';
  const places = [
    ...(isOwner ? PLACES : []),
    ...(isOwner || isOpen ? [FILES, BACKUPS] : []),
    RULER,
  ];
  return (
    <Screen>
      <BackHeader
        title={access?.settings?.name ?? words.title}
        backLabel={strings.nav.back}
        onBack="/students"
      />
      {isOpen ? <Text second>{words.open}</Text> : null}
      {access?.me ? <You access={access} me={access.me} /> : null}
      {places.map(({ href, title, help }) => (
        <PressRow key={title} label={title} onPress={() => router.navigate(href)}>
          <View style={{ flex: 1 }}>
            <Text variant="strong">{title}</Text>
            <Text variant="small" second>
              {help}
            </Text>
          </View>
        </PressRow>
      ))}
    </Screen>
  );
}
