import { View } from 'react-native';
import type { Allowed, Band, Hold } from '@open-palm/core/holds';
import { categoriesOf, specOf, type MeasureId } from '@open-palm/core/measure';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';
import { bandText, categoryName, measureName } from '../../../foundation/strings/measureWords';
import { BandFields } from './BandFields';
import { BandFigure } from './BandFigure';
import { bandScale } from './bandScale';
import { BAND_PLACES, bandAt, withBand, type BandPlace } from './holdDraft';

const words = strings.editHold;

/** One checkpoint of a hold: where its band applies, the band on its figure and in numbers, or none. */
export function CheckpointEditor({
  hold,
  id,
  place,
  onPlace,
  onHold,
  onProblem,
}: {
  hold: Hold;
  id: MeasureId;
  place: BandPlace;
  onPlace: (place: BandPlace) => void;
  onHold: (hold: Hold) => void;
  onProblem: (isRefused: boolean) => void;
}) {
  const band = bandAt(hold, id, place);
  const setBand = (changed: Band | undefined) => onHold(withBand(hold, id, place, changed));
  return (
    <Card style={{ gap: space(3) }}>
      <Text variant="heading">{measureName(id)}</Text>
      <Choices question={words.where}>
        {BAND_PLACES.map((option) => (
          <Choice
            key={option}
            label={words.bandPlaces[option]}
            chosen={option === place}
            onPress={() => onPlace(option)}
          />
        ))}
      </Choices>
      {band === undefined ? (
        <>
          <Text second>{place === 'everywhere' ? words.noBand : words.asEverywhere}</Text>
          <Button label={words.setBand} onPress={() => setBand(firstBand(id))} />
        </>
      ) : (
        <>
          {'allowed' in band ? (
            <AllowedEditor id={id} band={band} onBand={setBand} />
          ) : (
            <View key={`${id} ${place}`} style={{ gap: space(2) }}>
              <BandFigure id={id} band={band} onBand={setBand} />
              <BandFields id={id} band={band} onBand={setBand} onProblem={onProblem} />
            </View>
          )}
          <Text variant="small" second>
            {strings.result.wanted(bandText(id, band, specOf(id).unit))}
          </Text>
          <Button
            label={words.removeBand}
            onPress={() => {
              onProblem(false);
              setBand(undefined);
            }}
          />
        </>
      )}
    </Card>
  );
}

/** What a new band begins with: the middle half of its scale, or the first category. */
function firstBand(id: MeasureId): Band {
  const categories = categoriesOf(specOf(id));
  if (categories.length > 0) return { allowed: [categories[0]!] };
  const { from, to, step } = bandScale(id);
  const neat = (value: number) => Number((Math.round(value / step) * step).toFixed(2));
  return { lo: neat(from + (to - from) / 4), hi: neat(to - (to - from) / 4) };
}

/** Which categories are right; the last one cannot be taken away. */
function AllowedEditor({
  id,
  band: { allowed },
  onBand,
}: {
  id: MeasureId;
  band: Allowed;
  onBand: (band: Allowed) => void;
}) {
  const categories = categoriesOf(specOf(id));
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
      {categories.map((category) => {
        const isIn = allowed.includes(category);
        return (
          <Choice
            key={category}
            role="checkbox"
            label={categoryName(id, category)}
            chosen={isIn}
            onPress={() => {
              const next = categories.filter((c) => (c === category ? !isIn : allowed.includes(c)));
              if (next.length > 0) onBand({ allowed: [...next] });
            }}
          />
        );
      })}
    </View>
  );
}
