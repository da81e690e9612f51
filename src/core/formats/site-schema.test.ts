import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from '@jest/globals';
import { toJsonSchema } from '@valibot/to-json-schema';
import { lengthSchema } from '../properties/kinds/length';
import { siteFileSchema } from './site-file';

const file = path.resolve('docs/site-file.schema.json');

test('the committed JSON Schema says what the site file’s schemas say (npm run schema writes it)', () => {
  // What JSON Schema cannot say, such as the order of bands, is left to the application.
  const schema = `${JSON.stringify(toJsonSchema(siteFileSchema, { errorMode: 'ignore', definitions: { length: lengthSchema } }), null, 2)}\n`;
  if (process.env.UPDATE_SCHEMA) writeFileSync(file, schema);
  expect(readFileSync(file, 'utf8')).toBe(schema);
});
