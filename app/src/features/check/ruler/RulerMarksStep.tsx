import { useRef, useState } from 'react';
import { useWindowDimensions, View } from 'react-native';
import {
  RULER_ORDER,
  rulerErrors,
  type RulerErrors,
  type RulerMarks,
  type RulerPoint,
} from '@open-palm/core/ruler';
import type { Vec2 } from '@open-palm/core/units';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Notice } from '../../../foundation/kit/Notice';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { rulerWords as words } from '../../../foundation/strings/ruler';
import { MarkCanvas, type MarkWorld } from '../../../drawing/annotate/MarkCanvas';
import type { ChosenPicture } from '../../../drawing/pictures/preparePicture';
import { RulerFigureOfPage } from './RulerFigureOfPage';
import { RulerOverlay } from './RulerOverlay';

type Marks = Partial<Record<RulerPoint, Vec2>>;

/** As it stands beside the cross on the page. */
export const crossName = (name: RulerPoint): string =>
  name === 'bar1' || name === 'bar2' ? words.bar[name] : name.toUpperCase();

/** The most of a screen's height that the picture takes. */
const TALLEST = 0.56;

/** The crosses of the page, one after the other, with the same canvas and magnifier as a hand's points. */
export function RulerMarksStep({
  picture,
  onBack,
  onDone,
}: {
  picture: ChosenPicture;
  onBack: () => void;
  onDone: (errors: RulerErrors) => void;
}) {
  const tokens = useTokens();
  const { height } = useWindowDimensions();
  const [marks, setMarks] = useState<Marks>({});
  const latest = useRef<Marks>({});
  const before = useRef<Marks>({});
  const change = (next: Marks) => {
    latest.current = next;
    setMarks(next);
  };
  const nextOf = (of: Marks) => RULER_ORDER.find((name) => !of[name]) ?? null;
  const asked = nextOf(marks);
  const told = asked === null ? rulerErrors(marks as RulerMarks) : null;
  const world: MarkWorld<RulerPoint> = {
    touchable: () => latest.current,
    placeOf: (name) => latest.current[name]!,
    next: () => nextOf(latest.current),
    isConfirming: () => false,
    isGuess: () => false,
    begin: () => {
      before.current = latest.current;
    },
    set: (name, at) => change({ ...latest.current, [name]: at }),
    commit: () => undefined,
    revert: () => change(before.current),
    choose: () => undefined,
  };
  const undo = () => {
    const last = RULER_ORDER.filter((name) => latest.current[name]).at(-1);
    if (last === undefined) return;
    const { [last]: _, ...rest } = latest.current;
    change(rest);
  };
  return (
    <View role="main" style={{ flex: 1, backgroundColor: tokens.ground }}>
      <View style={{ padding: space(3), paddingBottom: 0 }}>
        <BackHeader
          title={words.title}
          under={words.progress(Object.keys(marks).length, RULER_ORDER.length)}
          backLabel={strings.nav.back}
          onBack={onBack}
        />
      </View>
      <View
        style={{
          width: '100%',
          aspectRatio: picture.width / picture.height,
          maxHeight: height * TALLEST,
        }}
      >
        <MarkCanvas<RulerPoint>
          url={picture.url}
          picture={picture}
          label={words.canvas}
          world={world}
          handles={RULER_ORDER.flatMap((name) => {
            const at = marks[name];
            return at ? [{ name, at, label: words.mark(crossName(name)) }] : [];
          })}
          onEnter={(middle) => {
            const name = nextOf(latest.current);
            if (name !== null) change({ ...latest.current, [name]: middle });
          }}
        >
          {({ viewport, box }) => ({
            marks: <RulerOverlay marks={marks} viewport={viewport} box={box} />,
          })}
        </MarkCanvas>
      </View>
      <View style={{ padding: space(3), gap: space(3), flex: 1 }}>
        {asked === null ? (
          told ? null : (
            <Notice tone="out">{words.noPage}</Notice>
          )
        ) : (
          <View style={{ flexDirection: 'row', gap: space(3), alignItems: 'center' }}>
            <RulerFigureOfPage asked={asked} heightPx={112} />
            <View style={{ flex: 1 }}>
              <Text variant="heading">{words.touch(crossName(asked))}</Text>
            </View>
          </View>
        )}
        <View style={{ flexDirection: 'row', gap: space(2), marginTop: 'auto' }}>
          <Button
            label={words.undo}
            icon="undo"
            disabled={Object.keys(marks).length === 0}
            onPress={undo}
          />
          <Button
            label={strings.measure.read}
            primary
            disabled={!told}
            onPress={() => told && onDone(told)}
            style={{ flex: 1 }}
          />
        </View>
      </View>
    </View>
  );
}
