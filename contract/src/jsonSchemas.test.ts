import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { jsonSchemas } from './jsonSchemas';

describe.each(Object.entries(jsonSchemas))('docs/schemas/%s', (file, schema) => {
  it('is the schema by which the program reads (npm run schemas writes it)', () => {
    const published = readFileSync(join(__dirname, '../../docs/schemas', file), 'utf8');
    expect(JSON.parse(published)).toEqual(JSON.parse(JSON.stringify(schema)));
  });
});
