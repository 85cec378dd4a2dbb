import { router, type Href } from 'expo-router';
import { Pressable, View } from 'react-native';
import { Icon } from 'react-native-paper';
import { strings } from '../strings';
import type { GlyphName } from './glyphs';
import { Text } from './Text';
import { useTokens } from './ThemeProvider';
import { RADIUS, space, TOUCH } from './tokens';
import { useWide } from './useWide';

type Place = 'today' | 'students' | 'groups' | 'holds';

const PLACES: readonly { place: Place; icon: GlyphName; href: Href }[] = [
  { place: 'today', icon: 'calendar-check-outline', href: '/' },
  { place: 'students', icon: 'account-multiple-outline', href: '/students' },
  { place: 'groups', icon: 'account-group-outline', href: '/groups' },
  { place: 'holds', icon: 'violin', href: '/holds' },
];

/** The app's places, at the foot of the screen where the thumb is. */
export function NavBar({ current }: { current: Place }) {
  const tokens = useTokens();
  const wide = useWide();
  return (
    <View
      role="navigation"
      style={{
        flexDirection: 'row',
        justifyContent: 'center',
        gap: space(2),
        padding: space(2),
        borderTopWidth: 1,
        borderColor: tokens.line,
        backgroundColor: tokens.card,
      }}
    >
      {PLACES.map(({ place, icon, href }) => {
        const here = place === current;
        return (
          <Pressable
            key={place}
            role="link"
            {...(here ? { 'aria-current': 'page' } : {})}
            onPress={() => router.dismissTo(href)}
            style={{
              flex: 1,
              maxWidth: 240,
              minHeight: TOUCH,
              flexDirection: wide ? 'row' : 'column',
              columnGap: space(2),
              alignItems: 'center',
              justifyContent: 'center',
              borderRadius: RADIUS,
              backgroundColor: here ? tokens.amberGround : 'transparent',
            }}
          >
            <Icon source={icon} size={22} color={here ? tokens.amberInk : tokens.inkSecond} />
            <Text
              variant={wide ? 'strong' : 'label'}
              color={here ? tokens.amberInk : tokens.inkSecond}
            >
              {strings.nav[place]}
            </Text>
          </Pressable>
        );
      })}
    </View>
  );
}
