import { View } from 'react-native';
import type { StudentListItem } from '@open-palm/contract';
import type { Hold } from '@open-palm/core/holds';
import { findHold } from '@open-palm/records/holds';
import { useTokens } from '../../foundation/kit/ThemeProvider';
import { strings } from '../../foundation/strings';
import { GripPortrait } from './GripPortrait';

/** A student's grip at a glance, for lists. */
export function StudentBadge({
  item,
  ownHolds,
  size = 56,
}: {
  item: StudentListItem;
  ownHolds: readonly Hold[];
  size?: number;
}) {
  const tokens = useTokens();
  const { student, contacts, thumbIpFlexionDeg, verdicts } = item;
  return (
    <View
      style={{
        width: size,
        height: size,
        borderRadius: 12,
        overflow: 'hidden',
        borderWidth: 1,
        borderColor: tokens.line,
        backgroundColor: tokens.ground,
        justifyContent: 'center',
      }}
    >
      <GripPortrait
        badge
        label={strings.handFile.portrait(student.name)}
        numbers={{
          hold: findHold(student.setups[0]!.holdId, ownHolds),
          side: student.side,
          skinTone: student.skinTone,
          contacts,
          thumbIpFlexionDeg,
          verdicts,
        }}
      />
    </View>
  );
}
