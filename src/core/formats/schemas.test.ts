import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from '@jest/globals';
import { toJsonSchema } from '@valibot/to-json-schema';
import { lengthSchema } from '../properties/kinds/length';
import { checksReportSchema } from './checks-report';
import { fitReportSchema } from './fit-report';
import { siteFileSchema } from './site-file';

test.each([
  ['site-file', siteFileSchema, { length: lengthSchema }],
  ['checks-report', checksReportSchema, {}],
  ['fit-report', fitReportSchema, {}],
])(
  'the committed JSON Schema of the %s says what its schemas say (npm run schema writes it)',
  (name, of, definitions) => {
    const file = path.resolve(`docs/${name}.schema.json`);
    // What JSON Schema cannot say, such as the order of bands, is left to the application.
    const schema = `${JSON.stringify(toJsonSchema(of, { errorMode: 'ignore', definitions }), null, 2)}\n`;
    if (process.env.UPDATE_SCHEMA) writeFileSync(file, schema);
    expect(readFileSync(file, 'utf8')).toBe(schema);
  },
);
