import Svg, { Path } from 'react-native-svg';
import type { Instrument } from '@open-palm/core/holds';
import { useTokens } from '../../foundation/kit/ThemeProvider';

/** How large each instrument is drawn beside the others, and whether it stands on a spike. */
const SIZES: Record<Instrument, { scale: number; spike: boolean }> = {
  violin: { scale: 0.62, spike: false },
  viola: { scale: 0.72, spike: false },
  cello: { scale: 0.9, spike: true },
  bass: { scale: 1, spike: true },
};

/** The front of a body with its waist, neck and scroll, in a square of 24. */
const BODY =
  'M12 1.6c.8 0 1.2.5 1.2 1.2 0 .4-.2.7-.5.9l.1 6c1.8.1 3 1.1 3 2.6 0 1-.6 1.7-1.2 2.2.9.7 2.2 1.7 2.2 3.7 0 2.3-2.1 3.6-4.8 3.6s-4.8-1.3-4.8-3.6c0-2 1.3-3 2.2-3.7-.6-.5-1.2-1.2-1.2-2.2 0-1.5 1.2-2.5 3-2.6l.1-6a1.1 1.1 0 0 1-.5-.9c0-.7.4-1.2 1.2-1.2Z';

/** An instrument of the section, as small as a seat. */
export function InstrumentFigure({
  instrument,
  size = 22,
}: {
  instrument: Instrument;
  size?: number;
}) {
  const tokens = useTokens();
  const { scale, spike } = SIZES[instrument];
  const around = `translate(${12 - 12 * scale} ${12 - 12 * scale}) scale(${scale})`;
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
      <Path d={BODY} fill={tokens.wood} transform={around} />
      {spike ? (
        <Path
          d="M12 21.5v2.3"
          stroke={tokens.inkSecond}
          strokeWidth={1.4}
          strokeLinecap="round"
          transform={around}
        />
      ) : null}
    </Svg>
  );
}
