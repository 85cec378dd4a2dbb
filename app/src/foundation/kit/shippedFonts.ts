import Text400 from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf';
import Text600 from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold/AtkinsonHyperlegibleNext_600SemiBold.ttf';
import Besley600 from '@expo-google-fonts/besley/600SemiBold/Besley_600SemiBold.ttf';
import { FONTS } from './tokens';

/** The fonts that ship with the app, by the names under which styles ask for them. */
export const shippedFonts = {
  [FONTS.display]: Besley600,
  [FONTS.text]: Text400,
  [FONTS.strong]: Text600,
};
