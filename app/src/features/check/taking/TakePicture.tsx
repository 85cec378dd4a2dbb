import { useState, type ReactNode } from 'react';
import type { View } from '@open-palm/core/measure';
import type { WantedHand } from '../../../drawing/portrait/WantedGrip';
import { Viewfinder } from '../camera/Viewfinder';
import { CARDS, cardsFor, explainedViews, rememberExplained } from './seenCards';
import { TakingCards } from './TakingCards';

/** Taking the picture of a view; what is new to this device is explained first. */
export function TakePicture({
  view,
  hand,
  ghostUrl,
  problem,
  head,
  onBack,
  onPicture,
}: {
  view: View;
  /** Whose hand is to be taken. */
  hand: WantedHand;
  /** Address of the last picture of this view. */
  ghostUrl: string | null;
  /** Why the last chosen file could not be used. */
  problem: string | null;
  /** Above what the camera sees. */
  head: ReactNode;
  onBack: () => void;
  onPicture: (picture: Blob | null) => void;
}) {
  const [cards, setCards] = useState(() => cardsFor(explainedViews()));
  if (cards.length > 0) {
    return (
      <TakingCards
        cards={cards}
        view={view}
        hand={hand}
        onDone={() => {
          rememberExplained(view);
          setCards([]);
        }}
      />
    );
  }
  return (
    <Viewfinder
      view={view}
      ghostUrl={ghostUrl}
      problem={problem}
      head={head}
      help={{ hand, onHow: () => setCards(CARDS) }}
      onBack={onBack}
      onPicture={onPicture}
    />
  );
}
