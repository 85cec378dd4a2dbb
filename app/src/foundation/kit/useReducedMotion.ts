import { useEffect, useState } from 'react';
import { AccessibilityInfo } from 'react-native';

/** Whether the device was told that its owner wants no motion. */
export function useReducedMotion(): boolean {
  const [isReduced, setIsReduced] = useState(false);
  useEffect(() => {
    void AccessibilityInfo.isReduceMotionEnabled().then(setIsReduced);
    const listener = AccessibilityInfo.addEventListener('reduceMotionChanged', setIsReduced);
    return () => listener.remove();
  }, []);
  return isReduced;
}
