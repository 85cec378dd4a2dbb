import { useId } from 'react';
import { Pressable, View } from 'react-native';
import { onKeys } from '../../../foundation/kit/onKeys';
import { Text } from '../../../foundation/kit/Text';
import { useTokens } from '../../../foundation/kit/ThemeProvider';
import { RADIUS, TOUCH } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { SECTIONS, type Section } from './rememberedSection';

const words = strings.handFile.sections;

/** The four sections of a hand file; with the arrow keys one goes from one to the next. */
export function SectionTabs({
  section,
  open,
  onSection,
}: {
  section: Section;
  /** How much is open in a section. */
  open: Partial<Record<Section, number>>;
  onSection: (section: Section) => void;
}) {
  const tokens = useTokens();
  const id = useId();
  const tabId = (one: Section) => `${id}-${one}`;
  const step = (by: 1 | -1) => {
    const at = SECTIONS.indexOf(section);
    const next = SECTIONS[(at + by + SECTIONS.length) % SECTIONS.length]!;
    onSection(next);
    document.getElementById(tabId(next))?.focus();
  };
  return (
    <View
      role="tablist"
      aria-label={words.label}
      {...onKeys({ ArrowRight: () => step(1), ArrowLeft: () => step(-1) })}
      style={{
        flexDirection: 'row',
        flexWrap: 'wrap',
        borderRadius: RADIUS,
        borderWidth: 1,
        borderColor: tokens.line,
        backgroundColor: tokens.card,
        overflow: 'hidden',
      }}
    >
      {SECTIONS.map((one) => {
        const isOpen = one === section;
        const count = open[one] ?? 0;
        return (
          <Pressable
            key={one}
            id={tabId(one)}
            role="tab"
            aria-selected={isOpen}
            {...(count > 0 ? { 'aria-label': words.withOpen(words[one], count) } : {})}
            tabIndex={isOpen ? 0 : -1}
            onPress={() => onSection(one)}
            style={{
              minHeight: TOUCH,
              flexGrow: 1,
              justifyContent: 'center',
              alignItems: 'center',
              paddingHorizontal: 8,
              borderBottomWidth: 3,
              borderColor: isOpen ? tokens.amber : 'transparent',
              backgroundColor: isOpen ? tokens.amberGround : 'transparent',
            }}
          >
            <Text variant={isOpen ? 'strong' : 'body'}>
              {count > 0 ? `${words[one]} · ${count}` : words[one]}
            </Text>
          </Pressable>
        );
      })}
    </View>
  );
}
