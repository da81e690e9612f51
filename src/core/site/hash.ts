import * as v from 'valibot';

/** SHA-256 of bytes that are kept beside the document, as lower-case hexadecimal digits. */
export const hashSchema = v.pipe(v.string(), v.regex(/^[0-9a-f]{64}$/, 'A hash is 64 hexadecimal digits.'));
