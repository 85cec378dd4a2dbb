import { useEffect, useState } from 'react';

/** The camera at the back of the device, live while the screen is open; `none` where there is none or it is refused. */
export function useCamera(): { stream: MediaStream | null; state: 'waiting' | 'live' | 'none' } {
  const [stream, setStream] = useState<MediaStream | null>(null);
  // Pages that are not served safely have no cameras at all.
  const devices = navigator.mediaDevices as MediaDevices | undefined;
  const [refused, setRefused] = useState(devices === undefined);
  useEffect(() => {
    let opened: MediaStream | null = null;
    let closed = false;
    const open = async () => {
      try {
        opened = await devices!.getUserMedia({
          video: { facingMode: 'environment', width: { ideal: 1920 } },
        });
        if (closed) stop(opened);
        else setStream(opened);
      } catch {
        setRefused(true);
      }
    };
    if (devices) void open();
    return () => {
      closed = true;
      if (opened) stop(opened);
    };
  }, [devices]);
  return { stream, state: refused ? 'none' : stream ? 'live' : 'waiting' };
}

const stop = (stream: MediaStream) => stream.getTracks().forEach((track) => track.stop());
