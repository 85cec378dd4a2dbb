import { z } from 'zod';
import { problemText } from '@open-palm/core/problem';

/** Ids are made by the client (UUID version 7), so that a repeated write is known as the same one. */
export const idSchema = z.uuidv7({ error: problemText('uuid') });
