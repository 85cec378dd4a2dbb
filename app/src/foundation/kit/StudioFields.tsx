import { useState } from 'react';
import type { StudioSettings } from '@open-palm/contract';
import { DATE_STYLES, UNITS } from '@open-palm/contract/studioSettings';
import { INSTRUMENTS } from '@open-palm/core/holds';
import { strings } from '../strings';
import { styledDay } from '../strings/dateWords';
import { doorWords } from '../strings/door';
import { Choice, Choices } from './Choice';
import { WordField } from './WordField';

const words = doorWords.begin;

/** A day on which the styles differ to the eye. */
const EXAMPLE = new Date(2026, 10, 30);
/** Zones that a typed place finds; more would be a list to get lost in. */
const MOST_ZONES = 6;

/** What a studio chooses for itself. */
export function StudioFields({
  settings,
  onChange,
}: {
  settings: StudioSettings;
  onChange: (settings: StudioSettings) => void;
}) {
  const change = (part: Partial<StudioSettings>) => onChange({ ...settings, ...part });
  const { instruments } = settings;
  return (
    <>
      <WordField
        label={words.studioName}
        value={settings.name}
        onChange={(name) => change({ name })}
      />
      <Choices question={words.instruments}>
        {INSTRUMENTS.map((instrument) => {
          const at = instruments.indexOf(instrument);
          return (
            <Choice
              key={instrument}
              role="checkbox"
              label={strings.instruments[instrument]}
              chosen={at >= 0}
              onPress={() =>
                change({
                  instruments:
                    at >= 0
                      ? instruments.filter((one) => one !== instrument)
                      : [...instruments, instrument],
                })
              }
            />
          );
        })}
      </Choices>
      <ZoneField zone={settings.timeZone} onChange={(timeZone) => change({ timeZone })} />
      <Choices question={words.dates}>
        {DATE_STYLES.map((style) => (
          <Choice
            key={style}
            label={styledDay(EXAMPLE, style)}
            chosen={style === settings.dateStyle}
            onPress={() => change({ dateStyle: style })}
          />
        ))}
      </Choices>
      <Choices question={words.units}>
        {UNITS.map((units) => (
          <Choice
            key={units}
            label={words.unitNames[units]}
            chosen={units === settings.units}
            onPress={() => change({ units })}
          />
        ))}
      </Choices>
    </>
  );
}

const placeOf = (zone: string): string => zone.replaceAll('_', ' ').replace('/', ', ');

/** The zone that the device is in, or one that is found by a place. */
function ZoneField({ zone, onChange }: { zone: string; onChange: (zone: string) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const found =
    typed === null || typed.trim() === ''
      ? []
      : Intl.supportedValuesOf('timeZone')
          .filter((one) => placeOf(one).toLowerCase().includes(typed.trim().toLowerCase()))
          .slice(0, MOST_ZONES);
  return (
    <>
      <Choices question={words.zone}>
        <Choice label={placeOf(zone)} chosen onPress={() => setTyped(null)} />
        {found
          .filter((one) => one !== zone)
          .map((one) => (
            <Choice
              key={one}
              label={placeOf(one)}
              chosen={false}
              onPress={() => {
                onChange(one);
                setTyped(null);
              }}
            />
          ))}
        {typed === null ? (
          <Choice label={words.otherZone} chosen={false} onPress={() => setTyped('')} />
        ) : null}
      </Choices>
      {typed === null ? null : (
        <WordField label={words.zoneFilter} value={typed} onChange={setTyped} />
      )}
    </>
  );
}
