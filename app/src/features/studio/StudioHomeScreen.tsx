import { router, type Href } from 'expo-router';
import { View } from 'react-native';
import { useAccess } from '../../foundation/api/accessState';
import { studioNow } from '../../foundation/api/clock';
import { BackHeader } from '../../foundation/kit/BackHeader';
import { PressRow } from '../../foundation/kit/PressRow';
import { Screen } from '../../foundation/kit/Screen';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { strings } from '../../foundation/strings';
import { backupsWords } from '../../foundation/strings/backups';
import { binWords } from '../../foundation/strings/bin';
import { agoWords } from '../../foundation/strings/dateWords';
import { letInWords } from '../../foundation/strings/letIn';
import { useBackups } from './backups/useBackups';
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
  const mayKeep = isOwner || isOpen;
  return (
    <Screen>
      <BackHeader
        title={access?.settings?.name ?? words.title}
        backLabel={strings.nav.back}
        onBack="/students"
      />
      {isOpen ? <Text second>{words.open}</Text> : null}
      {access?.me ? <You access={access} me={access.me} /> : null}
      {[...(isOwner ? PLACES : []), ...(mayKeep ? [FILES] : [])].map((place) => (
        <PlaceRow key={place.title} {...place} />
      ))}
      {mayKeep ? <BackupsRow /> : null}
      <PlaceRow href="/studio/removed" title={binWords.title} help={binWords.help} />
      <PlaceRow {...RULER} />
    </Screen>
  );
}

function PlaceRow({ href, title, help, alarm = false }: Place & { alarm?: boolean }) {
  const tokens = useTokens();
  return (
    <PressRow label={title} onPress={() => router.navigate(href)}>
      <View style={{ flex: 1 }}>
        <Text variant="strong">{title}</Text>
        <Text variant="small" {...(alarm ? { color: tokens.out } : { second: true })}>
          {help}
        </Text>
      </View>
    </PressRow>
  );
}

/** The way to the backups says at once how old the last one is, and that one could not be made. */
function BackupsRow() {
  const { data } = useBackups();
  const [last] = data?.backups ?? [];
  const failed = data?.failed ?? null;
  const help = last ? backupsWords.last(agoWords(last.madeAt, studioNow())) : words.backupsHelp;
  return (
    <PlaceRow
      href="/studio/backups"
      title={backupsWords.title}
      help={failed === null ? help : `${backupsWords.failed}. ${failed}`}
      alarm={failed !== null}
    />
  );
}
