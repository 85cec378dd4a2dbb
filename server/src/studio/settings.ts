import type { Knex } from 'knex';
import { studioSettingsSchema, type StudioSettings } from '@open-palm/contract';
import { inTransaction } from '../db/inTransaction';
import { markPending } from '../derive/repo';
import { readFact, writeFact } from './repo';

const SETTINGS = 'settings';

/** What the studio chose for itself. */
export interface ChosenSettings {
  /** Null before anybody chose. */
  current(): StudioSettings | null;
  /** By its calendar days are counted where a student has no lesson time of their own. */
  zone(): string;
  /**
   * Keeps what is chosen, together with what else is done in the same step.
   *
   * @returns whether days are counted otherwise now, so that standings over the weeks wait to be worked out anew
   */
  keep(settings: StudioSettings, more?: (trx: Knex) => Promise<void>): Promise<boolean>;
}

/** @param machineZone the zone of this machine, as long as nobody chose one */
export async function openSettings(db: Knex, machineZone: string): Promise<ChosenSettings> {
  const kept = await readFact(db, SETTINGS);
  let current = kept === undefined ? null : studioSettingsSchema.parse(JSON.parse(kept));
  const zone = () => current?.timeZone ?? machineZone;
  return {
    current: () => current,
    zone,
    async keep(settings, more) {
      const otherDays = settings.timeZone !== zone();
      await inTransaction(db, async (trx) => {
        await more?.(trx);
        await writeFact(trx, SETTINGS, JSON.stringify(settings));
        if (otherDays) await markPending(trx, 'all');
      });
      current = settings;
      return otherDays;
    },
  };
}
