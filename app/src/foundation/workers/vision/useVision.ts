import { useEffect, useState } from 'react';
import { VisionClient } from './visionClient';

/** The hand finder of one screen: loaded when it is first needed, given back when the screen is left. */
export function useVision(): VisionClient {
  const [vision] = useState(() => new VisionClient());
  useEffect(() => () => vision.close(), [vision]);
  return vision;
}
