import { View } from 'react-native';
import type { Check } from '@open-palm/contract';
import { useCheck } from '../../api/queries';
import { paths } from '../../api/paths';
import { Breakdown } from '../../breakdown/Breakdown';
import { BackHeader } from '../../kit/BackHeader';
import { Columns } from '../../kit/Columns';
import { Loaded } from '../../kit/Loaded';
import { Screen } from '../../kit/Screen';
import { Text } from '../../kit/Text';
import { space } from '../../kit/tokens';
import { strings } from '../../strings';
import { dayWords } from '../../strings/dateWords';
import { DownloadPoints } from './coco/DownloadPoints';
import { MarkedPicture } from './MarkedPicture';

const words = strings.result;

/** A look as it was kept: the pictures with their points, and what was measured then. */
export function KeptCheckScreen({ checkId }: { checkId: string }) {
  const check = useCheck(checkId);
  return <Loaded from={check}>{(data) => <KeptCheck check={data} />}</Loaded>;
}

function KeptCheck({ check }: { check: Check }) {
  const { captures, taps } = check;
  return (
    <Screen columns>
      <BackHeader
        title={dayWords(check.takenAt)}
        under={strings.contexts[check.context]}
        backLabel={strings.nav.toStudent}
        onBack={`/students/${check.studentId}?setup=${check.setupId}`}
      />
      <Columns
        picture={
          <View style={{ gap: space(3) }}>
            {captures.map((capture) => (
              <MarkedPicture
                key={capture.id}
                url={paths.picture(capture.pictureId)}
                picture={capture.image}
                placed={capture.points}
                label={words.picture(strings.views[capture.view])}
              />
            ))}
            {taps.length > 0 ? (
              <Text variant="small" second>
                {words.tapped(taps.length)}
              </Text>
            ) : null}
            {captures.length > 0 ? <DownloadPoints check={check} /> : null}
          </View>
        }
      >
        <Breakdown
          measures={check.measures}
          notMeasured={[]}
          views={captures.map(({ view }) => view)}
        />
      </Columns>
    </Screen>
  );
}
