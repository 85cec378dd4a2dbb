import { writeFileSync } from 'node:fs';
import { jsonSchemas } from '../contract/src/jsonSchemas';

/** Writes the published JSON Schemas into docs/schemas. */
for (const [file, schema] of Object.entries(jsonSchemas)) {
  const path = new URL(`../docs/schemas/${file}`, import.meta.url);
  writeFileSync(path, `${JSON.stringify(schema, null, 2)}\n`);
}
