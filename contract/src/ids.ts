import { z } from 'zod';

/** Ids are made by the client (UUID version 7), so that a repeated write is known as the same one. */
export const idSchema = z.uuidv7({ error: 'expected a UUID of version 7' });
