import { useRef } from 'react';
import { View } from 'react-native';
import type { Vec2 } from '@open-palm/core/units';
import { MarkCanvas, type MarkWorld } from '../../../drawing/annotate/MarkCanvas';
import { RADIUS } from '../../../foundation/kit/tokens';
import { strokeWords } from '../../../foundation/strings/stroke';
import { FrameMarks } from './FrameMarks';
import {
  MARKS_OF,
  nextMark,
  type MarkableFrame,
  type MarkKind,
  type MarkName,
} from './markableFrame';

const words = strokeWords.frames;

/** A frame with its marks: a touch puts the mark that is asked for, or, when all are there, takes hold of one. */
export function FrameCanvas({
  frame,
  kind,
  onPut,
  onLifted,
  onTakenBack,
}: {
  frame: MarkableFrame;
  kind: MarkKind;
  onPut: (name: MarkName, to: Vec2) => void;
  onLifted: () => void;
  /** The mark that was just put was not meant. */
  onTakenBack: (name: MarkName) => void;
}) {
  const { picture, marks } = frame;
  const asked = nextMark(frame, kind);
  /** The mark in hand, and where it was before; nowhere, if it is new. */
  const begun = useRef<{ name: MarkName; from: Vec2 | undefined } | null>(null);
  const world: MarkWorld<MarkName> = {
    // While something is asked, a touch is the answer: marks may lie close to each other.
    touchable: () => (asked ? {} : marks),
    placeOf: (name) => marks[name]!,
    next: () => asked,
    isConfirming: () => false,
    isGuess: () => false,
    begin: (name) => {
      begun.current = { name, from: marks[name] };
    },
    set: onPut,
    commit: onLifted,
    revert: () => {
      if (!begun.current) return;
      const { name, from } = begun.current;
      if (from) onPut(name, from);
      else onTakenBack(name);
    },
    choose: () => undefined,
  };
  return (
    <View
      style={{
        width: '100%',
        aspectRatio: picture.width / picture.height,
        borderRadius: RADIUS,
        overflow: 'hidden',
      }}
    >
      <MarkCanvas<MarkName>
        url={picture.url}
        picture={picture}
        label={words.canvas}
        pictureLabel={words.frame(picture.timeS)}
        world={world}
        handles={MARKS_OF[kind].flatMap((name) => {
          const at = marks[name];
          return at ? [{ name, at, label: words.marks[name] }] : [];
        })}
        wheelZooms={false}
        onEnter={(middle) => asked && onPut(asked, middle)}
      >
        {({ viewport, box }) => ({
          marks: <FrameMarks marks={marks} viewport={viewport} box={box} />,
        })}
      </MarkCanvas>
    </View>
  );
}
