import { View } from 'react-native';
import type { StudentListItem } from '@open-palm/contract';
import { Text } from '../../foundation/kit/Text';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { strings } from '../../foundation/strings';
import { HandPicture } from './HandPicture';
import { SKINS } from '@open-palm/core/portrait/skins';

/** The hand without much round it, in the drawing's units. */
const FRAME = { left: 36, top: 8, width: 222, height: 222 };

const LARGE_PX = 80;

/** A student's grip at a glance, for lists; drawn by the studio, or a letter where it has not been yet. */
export function StudentBadge({ item, size = 56 }: { item: StudentListItem; size?: number }) {
  const tokens = useTokens();
  const { student, badge } = item;
  return (
    <View
      style={{
        width: size,
        height: size,
        borderRadius: 12,
        overflow: 'hidden',
        borderWidth: 1,
        borderColor: tokens.line,
        backgroundColor: tokens.card,
        justifyContent: 'center',
        alignItems: 'stretch',
      }}
    >
      {badge ? (
        <HandPicture
          drawing={badge.drawing}
          skin={SKINS[student.skinTone]}
          mirrored={student.side === 'left'}
          label={strings.handFile.portrait(student.name)}
          isUnseen={badge.isUnseen}
          // Lines of a small drawing are drawn stronger.
          bold={size < LARGE_PX}
          frame={FRAME}
        />
      ) : (
        <Text variant="figure" second style={{ textAlign: 'center' }} aria-hidden>
          {student.name.trim().charAt(0)}
        </Text>
      )}
    </View>
  );
}
