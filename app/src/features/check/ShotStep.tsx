import { useEffect, useMemo } from 'react';
import type { View } from '@open-palm/core/measure';
import { strings } from '../../foundation/strings';
import type { Shot } from './look/lookState';
import type { CheckSummary } from '@open-palm/contract';
import type { VisionClient } from '../../foundation/workers/vision/visionClient';
import { useFinder } from '../../drawing/annotate/finder/useFinder';
import { useLastBow } from './lastBow/useLastBow';
import { useSeenView } from './look/useSeenView';
import { SeenView } from './SeenView';
import { useOfferedBow } from './lastBow/useOfferedBow';
import { LiveNumbers } from './LiveNumbers';
import { noMarks, type Marks } from '../../drawing/annotate/marksState';
import { measureMarks, type PictureFacts } from '../../drawing/annotate/measureMarks';
import { MeasureStep } from '../../drawing/annotate/AnnotateStep';
import { RetakeAdvice } from './RetakeAdvice';
import { sequenceFor } from '../../drawing/annotate/sequence';
import { useMarks } from '../../drawing/annotate/useMarks';

/** Step 2 of a look: the points of one picture, with the numbers that they already give. */
export function ShotStep({
  shot,
  facts,
  vision,
  shots,
  history,
  hides,
  onMarks,
  onView,
  onFlip,
  onBack,
  onRead,
}: {
  shot: Omit<Shot, 'marks'> & { marks: Marks | null; viewIsAssumed?: boolean };
  facts: Omit<PictureFacts, 'picture'>;
  vision: VisionClient;
  /** The look's pictures so far, and the looks before it: their bow is offered where the view is the same. */
  shots: readonly Shot[];
  history: readonly CheckSummary[];
  /** Shows no numbers yet. */
  hides: boolean;
  /** Told of every change, so that nothing is lost. */
  onMarks: (marks: Marks) => void;
  /** The picture shows another view: told with the marks that belong to it. */
  onView: (view: View, marks: Marks) => void;
  /** Turns the picture over; the marks follow once it has. */
  onFlip: () => Promise<boolean>;
  /** Told the marks as they are, so that coming back finds them. */
  onBack: (marks: Marks) => void;
  onRead: (marks: Marks) => void;
}) {
  const { width, height } = shot.picture;
  const { view, side, context, frogLength, hold, hand } = facts;
  const sequence = useMemo(() => sequenceFor(view, hold), [view, hold]);
  const store = useMarks(() => shot.marks ?? noMarks(sequence.needed));
  const seen = useSeenView(facts, shot.viewIsAssumed === true, store, onView);
  const finder = useFinder(vision, shot.picture, side, store, seen.ofHand);
  const isLooking = finder.state.kind === 'loading' || finder.state.kind === 'looking';
  useOfferedBow(useLastBow(shot, shots, history), isLooking, store);
  const { marks } = store;
  const { placed, agreed } = marks;
  useEffect(() => {
    if (Object.keys(marks.placed).length > 0) onMarks(marks);
    // Only the marks themselves matter: what is told of them is whatever the look is then.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [marks]);
  const outcome = useMemo(
    () =>
      measureMarks(
        { placed, agreed },
        { view, side, context, frogLength, hold, hand, picture: { width, height } },
      ),
    [placed, agreed, view, side, context, frogLength, hold, hand, width, height],
  );
  return (
    <MeasureStep
      picture={shot.picture}
      head={{
        title: strings.measure.title,
        under: `${strings.check.stepMeasure} · ${strings.views[view]}`,
        onBack: () => onBack(store.current()),
      }}
      side={side}
      further={sequence.further}
      store={store}
      finder={finder}
      problem={outcome.problems[0] ?? null}
      mirrored={outcome.mirrored}
      numbers={
        <>
          {seen.asks === null ? null : <SeenView view={seen.asks} onAnswer={seen.answer} />}
          {hides ? null : (
            <>
              <RetakeAdvice measures={outcome.measures} />
              <LiveNumbers measures={outcome.measures} />
            </>
          )}
        </>
      }
      reading={{
        canRead: outcome.measures.length > 0,
        onRead: () => onRead(store.current()),
      }}
      onFlip={() => void onFlip().then((done) => done && store.change({ type: 'mirror', width }))}
    />
  );
}
