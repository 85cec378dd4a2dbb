import { useWindowDimensions } from 'react-native';
import { WIDE_PX } from './tokens';

/** Whether there is room for list and detail side by side. */
export const useWide = () => useWindowDimensions().width >= WIDE_PX;
