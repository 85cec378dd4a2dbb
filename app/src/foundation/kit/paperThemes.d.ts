/** The themes' own file, which the package types only by its whole list. */
declare module 'react-native-paper/lib/module/styles/themes' {
  export { MD3DarkTheme, MD3LightTheme } from 'react-native-paper';
}
