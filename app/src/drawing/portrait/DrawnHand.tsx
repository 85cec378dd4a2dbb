import { useId, type ReactNode } from 'react';
import { ClipPath, Defs, G, Path } from 'react-native-svg';
import type { GripDrawing, PortraitPaths } from '@open-palm/core/portrait';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { BOW_INKS, BOW_LINE } from '@open-palm/core/portrait/bowInks';
import type { Skin } from '@open-palm/core/portrait/skins';

/** Path data of a portrait are in tenths of a millimetre. */
export const PER_MM = 10;

/** Widths of lines in the drawing's units: of a portrait, and of a badge, whose lines are heavy enough to be seen. */
const LINES = {
  plain: { outline: 7, bow: 4, ink: 1.5, dash: '26 20', unseen: 6 },
  bold: { outline: 3.2, bow: 2, ink: 2, dash: '12 9', unseen: 3 },
};

export type DrawnHandData = PortraitPaths & Partial<Pick<GripDrawing, 'beside'>>;

/** A drawn hand and what it holds, inside a drawing, in the units of its path data. */
export function DrawnHand({
  drawing: { width, height, hand, unseen, bow, before, beside },
  skin,
  bold = false,
  isUnseen = false,
  held,
  onBow,
}: {
  drawing: DrawnHandData;
  skin: Skin;
  bold?: boolean;
  /** Nothing of it was seen: it is drawn in dashes only. */
  isUnseen?: boolean;
  /** In the place of the drawn bow, in the same units. */
  held?: ReactNode;
  /** Over the bow, and not where the hand lies before it. */
  onBow?: ReactNode;
}) {
  const tokens = useTokens();
  const clip = `before${useId().replace(/\W/g, '')}`;
  const lines = bold ? LINES.bold : LINES.plain;
  return (
    <G>
      {before === '' ? null : (
        <Defs>
          <ClipPath id={clip}>
            <Path
              clipRule="evenodd"
              d={`M-9999-9999H${width + 9999}V${height + 9999}H-9999z${before}`}
            />
          </ClipPath>
        </Defs>
      )}
      {tokens.dark && !isUnseen ? (
        // On a dark ground a dark hand keeps its edge by a lighter one.
        <Path
          d={hand.outline}
          fill="none"
          stroke={tokens.inkSecond}
          strokeWidth={2.4 * lines.outline}
          strokeLinejoin="round"
          opacity={0.6}
        />
      ) : null}
      {isUnseen ? (
        <>
          <Path d={hand.outline} fill={tokens.card} />
          <Path d={hand.ink} fill={skin.line} opacity={0.35} />
        </>
      ) : (
        <>
          <Path d={hand.outline} fill={skin.fill} />
          <Path d={hand.shade} fill={skin.shade} />
          <Path d={hand.deep} fill={skin.deep} />
          <Path d={hand.gleam} fill={skin.gleam} />
          <Path d={hand.nails} fill={skin.nail} stroke={skin.line} strokeWidth={2.5} />
          <Path
            d={hand.creases}
            fill="none"
            stroke={skin.line}
            strokeWidth={3.5}
            strokeLinecap="round"
            opacity={0.5}
          />
          {unseen === '' ? null : <Path d={unseen} fill={tokens.card} fillOpacity={0.62} />}
          <Path
            d={hand.ink}
            fill={skin.line}
            stroke={skin.line}
            strokeWidth={lines.ink}
            strokeLinejoin="round"
          />
        </>
      )}
      <Path
        d={hand.outline}
        fill="none"
        stroke={skin.line}
        strokeWidth={lines.outline}
        strokeLinejoin="round"
        {...(isUnseen ? { strokeDasharray: lines.dash } : {})}
      />
      {unseen === '' || isUnseen ? null : (
        <Path
          d={unseen}
          fill="none"
          stroke={tokens.card}
          strokeWidth={lines.unseen}
          strokeDasharray={lines.dash}
        />
      )}
      <G {...(before === '' ? {} : { clipPath: `url(#${clip})` })}>
        {held ?? (bow ? <DrawnBow bow={bow} line={lines.bow} /> : null)}
        {onBow}
      </G>
      {beside ? (
        <G opacity={0.75}>
          <Path
            d={beside.outline}
            fill="none"
            stroke={tokens.ink}
            strokeWidth={6}
            strokeDasharray="24 18"
          />
          <Path d={beside.ink} fill={tokens.ink} opacity={0.6} />
        </G>
      ) : null}
    </G>
  );
}

function DrawnBow({ bow, line }: { bow: NonNullable<PortraitPaths['bow']>; line: number }) {
  const { dark, inkSecond } = useTokens();
  return (
    <>
      {dark ? <Path d={bow.outline} fill="none" stroke={inkSecond} strokeWidth={4 * line} /> : null}
      {bow.faces.map(({ stuff, tone, path }, i) => (
        <Path
          key={i}
          d={path}
          fill={BOW_INKS[stuff][tone]}
          stroke={BOW_INKS[stuff][tone]}
          strokeWidth={1}
        />
      ))}
      <Path d={bow.outline} fill="none" stroke={BOW_LINE} strokeWidth={line} />
    </>
  );
}
