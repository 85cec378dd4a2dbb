import { useRef, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Button } from '../kit/Button';
import { Text } from '../kit/Text';
import { useTokens } from '../kit/ThemeProvider';
import { space } from '../kit/tokens';
import { strings } from '../strings';
import { savePng, saveSvg } from './chartFile';

const words = strings.charts;

/** A figure that can be taken along as a file. */
export function SavableChart({ title, children }: { title: string; children: ReactNode }) {
  const tokens = useTokens();
  const box = useRef<View>(null);
  const [failed, setFailed] = useState(false);
  // On the web a view is an element of the page, and the drawing is an SVG in it.
  const figure = () => (box.current as unknown as HTMLElement | null)?.querySelector('svg') ?? null;
  const save = async (as: 'svg' | 'png') => {
    const drawn = figure();
    if (!drawn) return;
    setFailed(false);
    try {
      if (as === 'svg') saveSvg(drawn, tokens.card, title);
      else await savePng(drawn, tokens.card, title);
    } catch {
      setFailed(true);
    }
  };
  return (
    <View>
      <View ref={box}>{children}</View>
      <View style={{ flexDirection: 'row', justifyContent: 'flex-end', marginBottom: -space(2) }}>
        {(['svg', 'png'] as const).map((as) => (
          <Button
            key={as}
            label={words.save[as]}
            accessibilityLabel={words.saveOf(words.save[as], title)}
            quiet
            compact
            onPress={() => void save(as)}
          />
        ))}
      </View>
      {failed ? <Text variant="small">{words.notSaved}</Text> : null}
    </View>
  );
}
