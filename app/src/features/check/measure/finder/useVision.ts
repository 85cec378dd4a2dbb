import { useEffect, useState } from 'react';
import { VisionClient } from '../../../../workers/vision/visionClient';

/** The hand finder of one look: loaded when a picture is first measured, given back when the look is left. */
export function useVision(): VisionClient {
  const [vision] = useState(() => new VisionClient());
  useEffect(() => () => vision.close(), [vision]);
  return vision;
}
