import { z } from 'zod';
import { holdSchema } from '@open-palm/core/holds';
import { backupManifestSchema } from './backup';
import { cocoFileSchema } from './coco';
import { studioFileSchema } from './exchange/studioFile';
import { opBalanceFileSchema } from './opBalanceFile';
import { opJudgeFileSchema } from './opJudgeFile';
import { opMeasureFileSchema } from './opMeasureFile';
import { opPlanFileSchema } from './opPlanFile';
import { opTrackFileSchema } from './opTrackFile';
import { cardLogSchema } from './practice';

/** The published JSON Schemas of the project's files, by the name of their file in docs/schemas. */
export const jsonSchemas = {
  'measure-file.schema.json': z.toJSONSchema(opMeasureFileSchema, { io: 'input' }),
  'coco.schema.json': z.toJSONSchema(cocoFileSchema, { io: 'input' }),
  'balance-file.schema.json': z.toJSONSchema(opBalanceFileSchema, { io: 'input' }),
  'judge-file.schema.json': z.toJSONSchema(opJudgeFileSchema, { io: 'input' }),
  'track-file.schema.json': z.toJSONSchema(opTrackFileSchema, { io: 'input' }),
  'plan-file.schema.json': z.toJSONSchema(opPlanFileSchema, { io: 'input' }),
  'card-log.schema.json': z.toJSONSchema(cardLogSchema, { io: 'input' }),
  'backup-manifest.schema.json': z.toJSONSchema(backupManifestSchema, { io: 'input' }),
  'studio-file.schema.json': z.toJSONSchema(studioFileSchema, { io: 'input' }),
  'hold.schema.json': z.toJSONSchema(holdSchema),
};
