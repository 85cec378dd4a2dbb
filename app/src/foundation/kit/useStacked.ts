import { useWindowDimensions } from 'react-native';

/** With text at twice its size a phone is narrower than this, and two buttons have no room beside each other. */
const STACKED_BELOW_PX = 280;

/** Whether buttons stand above each other. */
export const useStacked = (): boolean => useWindowDimensions().width < STACKED_BELOW_PX;
