import { useWatch, type Control } from 'react-hook-form';
import type { StudentInput } from '@open-palm/contract';
import { Notice } from '../../foundation/kit/Notice';
import { binWords } from '../../foundation/strings/bin';

/** What becomes of the photographs that are kept when they are not let any more. */
export function PhotosRemoved({
  control,
  wereAllowed,
}: {
  control: Control<StudentInput>;
  wereAllowed: boolean;
}) {
  const photos = useWatch({ control, name: 'photos' });
  return wereAllowed && photos === 'withheld' ? <Notice>{binWords.withheldHelp}</Notice> : null;
}
