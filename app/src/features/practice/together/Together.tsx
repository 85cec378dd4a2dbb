import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import type { CardData } from '@open-palm/card/data';
import { figureSheet, type CardParts } from '@open-palm/card/page';
import type { CardProgram } from '@open-palm/card/runtime';
import type { PractisedTurn } from '@open-palm/contract';
import { Button } from '../../../foundation/kit/Button';
import { Footer } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';

const words = strings.practice;

/** The card itself, run in the lesson: today's drills with its large clock; what was done is noted when it is left. */
export function Together({
  makeData,
  today,
  onLeave,
}: {
  makeData: () => Promise<CardData>;
  today: string;
  onLeave: (turns: PractisedTurn[]) => void;
}) {
  const tokens = useTokens();
  const place = useRef<View>(null);
  const turns = useRef<PractisedTurn[]>([]);
  const make = useRef(makeData);
  const [state, setState] = useState<'opening' | 'open' | 'failed'>('opening');
  useEffect(() => {
    let isOpen = true;
    let close = () => {};
    Promise.all([make.current(), cardProgram(), cardStyle()]).then(
      ([data, program, style]) => {
        const host = place.current as unknown as HTMLElement | null;
        if (!isOpen || !host) return;
        const shadow = host.shadowRoot ?? host.attachShadow({ mode: 'open' });
        shadow.adoptedStyleSheets = [style];
        shadow.innerHTML = `${figureSheet(data)}<div class="card-root"></div>`;
        const card = program.run(shadow.querySelector<HTMLElement>('.card-root')!, data, {
          store: storeOf(turns.current),
          today,
          inLesson: true,
          onChange: ({ entries }) => (turns.current = entries),
        });
        close = () => card.close();
        setState('open');
      },
      () => isOpen && setState('failed'),
    );
    return () => {
      isOpen = false;
      close();
    };
  }, [today]);
  return (
    <View role="main" style={{ flex: 1, backgroundColor: tokens.ground }}>
      <View style={{ flex: 1, minHeight: 0, overflow: 'scroll' }}>
        <View ref={place} style={{ minHeight: '100%' }} />
        {state === 'opening' ? (
          <Text second style={{ padding: space(4) }}>
            {words.giving}
          </Text>
        ) : null}
        {state === 'failed' ? <Text style={{ padding: space(4) }}>{words.giveFailed}</Text> : null}
      </View>
      <Footer>
        <Button label={words.leave} onPress={() => onLeave(turns.current)} style={{ flex: 1 }} />
      </Footer>
    </View>
  );
}

/** What is done in the lesson lives as long as the screen, and is then noted by the studio. */
const storeOf = (entries: PractisedTurn[]) => {
  let here = { v: 1 as const, card: 'lesson', entries };
  return {
    read: () => here,
    write: (kept: typeof here) => {
      here = kept;
      return true;
    },
  };
};

/** The card's own program, loaded once. */
function cardProgram(): Promise<CardProgram> {
  if (globalThis.openPalmCard) return Promise.resolve(globalThis.openPalmCard);
  return new Promise((resolve, reject) => {
    const script = document.createElement('script');
    script.src = '/card/card.js';
    script.onload = () => {
      if (globalThis.openPalmCard) resolve(globalThis.openPalmCard);
      else reject(new Error('no card'));
    };
    script.onerror = () => reject(new Error('no card'));
    document.head.append(script);
  });
}

async function cardStyle(): Promise<CSSStyleSheet> {
  const { style } = (await (await fetch('/card/parts.json')).json()) as CardParts;
  const sheet = new CSSStyleSheet();
  await sheet.replace(style);
  return sheet;
}
