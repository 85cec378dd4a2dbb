import { useState } from 'react';
import { View } from 'react-native';
import type { RulerErrors } from '@open-palm/core/ruler';
import { studioNow } from '../../../foundation/api/clock';
import { deviceRuler, keepDeviceRuler } from '../../../foundation/api/deviceRuler';
import { paths } from '../../../foundation/api/paths';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Notice } from '../../../foundation/kit/Notice';
import { saveFile } from '../../../foundation/kit/saveFile';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { agoWords } from '../../../foundation/strings/dateWords';
import { rulerWords as words } from '../../../foundation/strings/ruler';
import type { ChosenPicture } from '../../../drawing/pictures/preparePicture';
import { Viewfinder } from '../camera/Viewfinder';
import { usePictureMaker } from '../look/usePictureMaker';
import { RulerFigureOfPage } from './RulerFigureOfPage';
import { RulerMarksStep } from './RulerMarksStep';
import { RulerResult, saidWords } from './RulerResult';

type Step = 'start' | 'camera' | 'marks' | 'result';

/** Checks how well this device measures, by a printed page. */
export function RulerScreen() {
  const [step, setStep] = useState<Step>('start');
  const [picture, setPicture] = useState<ChosenPicture | null>(null);
  const [errors, setErrors] = useState<RulerErrors | null>(null);
  const { problem, take } = usePictureMaker();
  if (step === 'camera') {
    return (
      <Viewfinder
        view={null}
        ghostUrl={null}
        problem={problem}
        onBack={() => setStep('start')}
        onPicture={(blob) =>
          void take(blob).then((made) => {
            if (!made) return;
            setPicture(made);
            setStep('marks');
          })
        }
      />
    );
  }
  if (step === 'marks' && picture) {
    return (
      <RulerMarksStep
        picture={picture}
        onBack={() => setStep('camera')}
        onDone={(told) => {
          setErrors(told);
          setStep('result');
        }}
      />
    );
  }
  if (step === 'result' && picture && errors) {
    const touchShare = errors.touchPx / Math.max(picture.width, picture.height);
    return (
      <RulerResult
        errors={errors}
        touchShare={touchShare}
        onBack={() => setStep('marks')}
        onKeep={() => {
          const { bendRmsDeg, lengthRmsShare, tiltDeg } = errors;
          const at = studioNow().toISOString();
          keepDeviceRuler({ bendRmsDeg, lengthRmsShare, tiltDeg, touchShare, at });
          setStep('start');
        }}
      />
    );
  }
  return <Start onTake={() => setStep('camera')} />;
}

function Start({ onTake }: { onTake: () => void }) {
  const [kept, setKept] = useState(deviceRuler);
  const [failed, setFailed] = useState(false);
  const print = async (paper: 'A4' | 'LETTER') => {
    setFailed(false);
    try {
      const answer = await fetch(paths.rulerPage(paper));
      if (!answer.ok) throw new Error(answer.statusText);
      saveFile(await answer.blob(), `open-palm-ruler-${paper.toLowerCase()}.pdf`);
    } catch {
      setFailed(true);
    }
  };
  return (
    <Screen
      footer={<Button label={words.photograph} primary onPress={onTake} style={{ flex: 1 }} />}
    >
      <BackHeader title={words.title} backLabel={strings.nav.back} onBack="/studio" />
      <RulerFigureOfPage asked={null} />
      <Text>{words.intro}</Text>
      <View style={{ flexDirection: 'row', gap: space(2), flexWrap: 'wrap' }}>
        {(['A4', 'LETTER'] as const).map((paper) => (
          <Button
            key={paper}
            label={words.print[paper]}
            icon="printer-outline"
            compact
            onPress={() => void print(paper)}
            style={{ flexGrow: 1 }}
          />
        ))}
      </View>
      {failed ? <Notice tone="out">{words.printFailed}</Notice> : null}
      <Text variant="small" second>
        {words.flat}
      </Text>
      <Card style={{ gap: space(2) }}>
        {kept ? (
          <>
            <Text variant="strong">{words.last(agoWords(kept.at, studioNow()))}</Text>
            <Text variant="small">{saidWords(kept)}</Text>
            <Button
              label={words.forget}
              quiet
              onPress={() => {
                keepDeviceRuler(null);
                setKept(null);
              }}
            />
          </>
        ) : (
          <Text variant="small">{words.never}</Text>
        )}
      </Card>
    </Screen>
  );
}
