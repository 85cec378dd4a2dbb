import { router, type Href } from 'expo-router';
import { View } from 'react-native';
import type { HandFile } from '@open-palm/contract';
import { Button } from '../../foundation/kit/Button';
import type { GlyphName } from '../../foundation/kit/glyphs';
import { onKeys } from '../../foundation/kit/onKeys';
import { space } from '../../foundation/kit/tokens';
import { useStacked } from '../../foundation/kit/useStacked';
import { strings } from '../../foundation/strings';

const words = strings.handFile;

/** The one action of a hand file, and its tools in a menu beside it. */
export function ToolsFooter({
  handFile: { student, setupId },
  isOpen,
  onOpen,
  onLook,
}: {
  handFile: HandFile;
  isOpen: boolean;
  onOpen: (isOpen: boolean) => void;
  onLook: () => void;
}) {
  const isStacked = useStacked();
  const of = `?setup=${setupId}` as const;
  const tools: { label: string; icon: GlyphName; to: Href }[] = [
    { label: strings.nav.stroke, icon: 'sine-wave', to: `/students/${student.id}/stroke${of}` },
    {
      label: strings.nav.balance,
      icon: 'scale-balance',
      to: `/students/${student.id}/balance${of}`,
    },
    { label: strings.build.open, icon: 'stairs-up', to: `/students/${student.id}/build${of}` },
    ...(student.photos === 'withheld'
      ? []
      : [
          {
            label: words.relaxedHand,
            icon: 'hand-back-right-outline' as const,
            to: `/students/${student.id}/check?of=relaxed` as const,
          },
        ]),
    { label: words.edit, icon: 'account-edit-outline', to: `/students/${student.id}/edit` },
  ];
  const go = (to: Href) => {
    onOpen(false);
    router.navigate(to);
  };
  return (
    <View
      style={{ flex: 1, gap: space(2) }}
      {...onKeys(isOpen ? { Escape: () => onOpen(false) } : {})}
    >
      {isOpen ? (
        <View
          role="group"
          aria-label={words.tools}
          style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}
        >
          {tools.map(({ label, icon, to }) => (
            <Button
              key={label}
              label={label}
              icon={icon}
              compact
              onPress={() => go(to)}
              style={{ flexGrow: 1 }}
            />
          ))}
        </View>
      ) : null}
      <View style={{ flexDirection: isStacked ? 'column' : 'row', gap: space(isStacked ? 1 : 3) }}>
        <Button
          label={isOpen ? words.closeTools : words.tools}
          icon={isOpen ? 'close' : 'dots-horizontal'}
          onPress={() => onOpen(!isOpen)}
        />
        <Button
          label={words.look}
          icon="camera-outline"
          primary
          onPress={onLook}
          style={{ flex: 1 }}
        />
      </View>
    </View>
  );
}
