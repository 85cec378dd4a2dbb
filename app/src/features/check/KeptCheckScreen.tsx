import type { Check } from '@open-palm/contract';
import { useCheck } from '../../api/queries';
import { paths } from '../../api/paths';
import { Breakdown } from '../../breakdown/Breakdown';
import { BackHeader } from '../../kit/BackHeader';
import { Columns } from '../../kit/Columns';
import { Loaded } from '../../kit/Loaded';
import { Screen } from '../../kit/Screen';
import { strings } from '../../strings';
import { dayWords } from '../../strings/dateWords';
import { MarkedPicture } from './MarkedPicture';

const words = strings.result;

/** A look as it was kept: the picture with its points, and what was measured then. */
export function KeptCheckScreen({ checkId }: { checkId: string }) {
  const check = useCheck(checkId);
  return <Loaded from={check}>{(data) => <KeptCheck check={data} />}</Loaded>;
}

function KeptCheck({ check }: { check: Check }) {
  const [capture] = check.captures;
  return (
    <Screen columns>
      <BackHeader
        title={dayWords(check.takenAt)}
        under={strings.contexts[check.context]}
        backLabel={strings.nav.toStudent}
        onBack={`/students/${check.studentId}`}
      />
      <Columns
        picture={
          capture ? (
            <MarkedPicture
              url={paths.picture(capture.pictureId)}
              picture={capture.image}
              placed={capture.points}
              label={words.picture(strings.views[capture.view])}
            />
          ) : null
        }
      >
        <Breakdown measures={check.measures} notMeasured={[]} />
      </Columns>
    </Screen>
  );
}
