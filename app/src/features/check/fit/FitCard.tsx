import { useState } from 'react';
import { View } from 'react-native';
import { ProgressBar } from 'react-native-paper';
import type { SkinTone } from '@open-palm/contract';
import type { FitOfLook, FittedHold } from '@open-palm/core/fit';
import type { Hold } from '@open-palm/core/holds';
import type { View as PictureView } from '@open-palm/core/measure';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Notice } from '../../../foundation/kit/Notice';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { TurnableHand } from '../../../drawing/hand3d/TurnableHand';
import { strings } from '../../../foundation/strings';
import { listWords } from '../../../foundation/strings/listWords';
import { BendTable } from '../../../drawing/hand3d/BendTable';
import type { Shot } from '../look/lookState';
import type { Fit } from './useFit';

const words = strings.fit;

/** The hand in space that explains a look's pictures: how far it is, what it came out as, or why there is none. */
export function FitCard({
  fit,
  shots,
  hold,
  skinTone,
  onMove,
  onPicture,
}: {
  fit: Fit;
  shots: readonly Shot[];
  hold: Hold;
  skinTone: SkinTone;
  onMove: (shot: Shot) => void;
  /** Another picture: from this view, where two sides would give the bends. */
  onPicture: (view?: PictureView) => void;
}) {
  const tokens = useTokens();
  const { state, stop, again } = fit;
  const [first] = shots;
  if (state.kind === 'none') {
    return first ? (
      <Card style={{ gap: space(3) }}>
        <Text variant="strong" level={2}>
          {words.title}
        </Text>
        <Notice action={{ label: words.goTo, onPress: () => onMove(first) }}>
          {words.needsMore}
        </Notice>
      </Card>
    ) : null;
  }
  return (
    <Card style={{ gap: space(3) }}>
      <Text variant="strong" level={2}>
        {words.title}
      </Text>
      {state.kind === 'working' ? (
        <View role="status" style={{ gap: space(2) }}>
          <Text variant="small" second>
            {words.working}
          </Text>
          <ProgressBar
            progress={state.share}
            color={tokens.amber}
            accessibilityLabel={words.progress}
            style={{ backgroundColor: tokens.line }}
          />
          <Button label={words.stop} onPress={stop} />
        </View>
      ) : null}
      {state.kind === 'stopped' ? (
        <Notice action={{ label: words.again, onPress: again }}>{words.stopped}</Notice>
      ) : null}
      {state.kind === 'broken' ? (
        <Notice action={{ label: words.again, onPress: again }}>{words.broken}</Notice>
      ) : null}
      {state.kind === 'fits'
        ? state.fits.map((one) => (
            <OneFit
              key={one.captures.join()}
              fit={one}
              shots={shots}
              hold={hold}
              skinTone={skinTone}
              onMove={onMove}
              onPicture={onPicture}
            />
          ))
        : null}
    </Card>
  );
}

function OneFit({
  fit: { captures, place, fitted, issues },
  shots,
  hold,
  skinTone,
  onMove,
  onPicture,
}: {
  fit: FitOfLook;
  shots: readonly Shot[];
  hold: Hold;
  skinTone: SkinTone;
  onMove: (shot: Shot) => void;
  onPicture: (view?: PictureView) => void;
}) {
  const [showsNumbers, setNumbers] = useState(false);
  const viewOf = (i: number) => strings.views[shots[i]?.view ?? 'finger-side'];
  const names = listWords(captures.map(viewOf));
  if (!fitted) {
    return (
      <>
        {issues.map((issue) => {
          const shot = shots[Number(/\[(\d+)\]/.exec(issue.where)?.[1] ?? NaN)];
          return (
            <Notice
              key={`${issue.code} ${issue.where}`}
              title={words.refusedTitle}
              {...(shot
                ? { action: { label: words.goTo, onPress: () => onMove(shot) } }
                : { action: { label: words.takeAnother, onPress: () => onPicture() } })}
            >
              {words.refused(issue.code, shot ? strings.views[shot.view] : names)}
            </Notice>
          );
        })}
      </>
    );
  }
  const [second] = fitted.secondViews;
  const isInterval = captures.length < 2 || fitted.joints.some(({ interval }) => interval);
  return (
    <View style={{ gap: space(3) }}>
      <TurnableHand
        pointsMm={fitted.pointsMm}
        side={fitted.side}
        hold={hold}
        skinTone={skinTone}
        label={words.label(names)}
      />
      <Text variant="small" second>
        {place === null ? '' : `${strings.places[place]}: `}
        {captures.length < 2 ? words.one(names) : words.several(names, fitted.apartDeg ?? 0)}
      </Text>
      <Text variant="small" second>
        {residualWords(fitted, (picture) => viewOf(captures[picture]!))}
      </Text>
      {fitted.misplaced.map(({ picture, point }) => {
        const shot = shots[captures[picture]!];
        return (
          <Notice
            key={`${picture} ${point}`}
            title={words.misplacedTitle}
            {...(shot ? { action: { label: words.goTo, onPress: () => onMove(shot) } } : {})}
          >
            {words.misplaced(strings.points[point], viewOf(captures[picture]!))}
          </Notice>
        );
      })}
      {isInterval && second ? (
        <Notice action={{ label: words.takeSecond, onPress: () => onPicture(second.view) }}>
          {words.second(strings.views[second.view], Math.round(second.meanSdDeg), widestOf(fitted))}
        </Notice>
      ) : null}
      <Button
        label={showsNumbers ? words.hideNumbers : words.showNumbers}
        icon="table"
        onPress={() => setNumbers(!showsNumbers)}
      />
      {showsNumbers ? <BendTable joints={fitted.joints} /> : null}
    </View>
  );
}

/** How well the marks agree with the hand, and which agrees least. */
function residualWords({ residuals }: FittedHold, viewOf: (picture: number) => string): string {
  const squares = residuals.reduce((sum, { px }) => sum + px * px, 0);
  const worst = residuals.reduce((a, b) => (b.sds > a.sds ? b : a));
  return words.residual(
    Math.round(Math.sqrt(squares / residuals.length)),
    strings.points[worst.point],
    viewOf(worst.picture),
    Math.round(worst.px),
  );
}

/** How wide the widest bend is left, degrees. */
function widestOf({ joints }: FittedHold): number {
  const widths = joints.flatMap(({ interval }) => (interval ? [interval.hi - interval.lo] : []));
  return Math.round(Math.max(0, ...widths));
}
