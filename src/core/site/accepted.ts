import * as v from 'valibot';

/** The most findings that are accepted: who accepts more has stopped reading them. */
const MOST = 1000;

export const reasonSchema = v.pipe(
  v.string(),
  v.trim(),
  v.minLength(1, 'Say why it is left as it is.'),
  v.maxLength(300, 'A reason has at most 300 characters.'),
  v.regex(/^[^\p{Cc}]*$/u, 'Line breaks and control characters cannot stand in a reason.'),
);

/** The key of a finding: which check, and what it is about. */
export const findingKeySchema = v.pipe(v.string(), v.minLength(1), v.maxLength(300));

/** Findings that are left as they are, by their keys, each with the reason. */
export const acceptedSchema = v.pipe(
  v.record(findingKeySchema, reasonSchema),
  v.check((all) => Object.keys(all).length <= MOST, `At most ${MOST} findings are accepted.`),
);
