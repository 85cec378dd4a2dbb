import { useEffect, useRef } from 'react';
import { View } from 'react-native';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { RADIUS } from '../../../foundation/kit/tokens';
import { termWords } from '../../../foundation/strings/term';
import { sheetOf } from '../../../foundation/kit/printPage';
import { TERM_CSS } from './termHtml';

/** The page as it is given, kept apart from the app's own styles. */
export function TermSheet({ html }: { html: string }) {
  const tokens = useTokens();
  const place = useRef<View>(null);
  useEffect(() => {
    const host = place.current as unknown as HTMLElement | null;
    if (!host) return;
    if (!host.shadowRoot) {
      host.attachShadow({ mode: 'open' }).adoptedStyleSheets = [sheetOf(TERM_CSS)];
    }
    host.shadowRoot!.innerHTML = html;
  }, [html]);
  return (
    <View
      ref={place}
      role="region"
      aria-label={termWords.preview}
      style={{
        borderRadius: RADIUS,
        borderWidth: 1,
        borderColor: tokens.line,
        overflow: 'hidden',
        backgroundColor: '#FFFFFF',
      }}
    />
  );
}
