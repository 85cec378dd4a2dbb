import Text400 from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf';
import Text600 from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold/AtkinsonHyperlegibleNext_600SemiBold.ttf';
import Besley600 from '@expo-google-fonts/besley/600SemiBold/Besley_600SemiBold.ttf';
import { FontDisplay, type FontResource } from 'expo-font';
import { FONTS } from './tokens';

/** Nobody waits for letters: until they have come the words stand in the device's own. */
const swapped = (uri: NonNullable<FontResource['uri']>): FontResource => ({
  uri,
  display: FontDisplay.SWAP,
});

/** The fonts that ship with the app, by the names under which styles ask for them. */
export const shippedFonts: Record<string, FontResource> = {
  [FONTS.display]: swapped(Besley600),
  [FONTS.text]: swapped(Text400),
  [FONTS.strong]: swapped(Text600),
};
