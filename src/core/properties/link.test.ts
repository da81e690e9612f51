import { expect, test } from '@jest/globals';
import * as v from 'valibot';
import { addressProblem, emailProblem, linkSchema, telephoneDigits, telephoneProblem } from './link';

test.each(['https://example.com/a?b#c', 'http://example.com'])('%s may be linked to', (address) => {
  expect(addressProblem(address)).toBeNull();
});

test.each([
  'javascript:alert(1)',
  'JaVaScRiPt:alert(1)',
  ' java\nscript:alert(1)',
  'data:text/html,x',
  'vbscript:x',
  'file:///etc/passwd',
  'blob:https://example.com/1',
  'mailto:crew@example.com',
])('%j is refused by its scheme', (address) => {
  expect(addressProblem(address)).toContain('may not use');
});

test.each(['', 'example.com', '/fares', '//example.com'])('%j is no full address', (address) => {
  expect(addressProblem(address)).toContain('not a full address');
});

test.each(['crew@example.com', "o'neil+a@sub.example.org", 'a@b-c.example'])(
  '%s can be written to',
  (email) => {
    expect(emailProblem(email)).toBeNull();
  },
);

test.each(['', 'crew', 'crew@', '@example.com', 'a b@example.com', 'crew@localhost', 'a@-x.com', 'a@b..com'])(
  '%j cannot be an e-mail address',
  (email) => expect(emailProblem(email)).toContain('cannot be an e-mail address'),
);

test.each([
  ['01632 960 117', '01632960117'],
  ['+44 (1632) 960-117', '+441632960117'],
  ['112', '112'],
])('%s is dialled as %s', (telephone, digits) => {
  expect(telephoneProblem(telephone)).toBeNull();
  expect(telephoneDigits(telephone)).toBe(digits);
});

test.each(['', '12', '+', 'call us', '1234567890123456', '01632+960', '0800 FERRY'])(
  '%j cannot be a telephone number',
  (telephone) => expect(telephoneProblem(telephone)).toContain('cannot be a telephone number'),
);

test.each([
  [{ to: 'address', address: 'javascript:alert(1)' }, 'javascript:'],
  [{ to: 'email', email: 'x' }, 'e-mail'],
  [{ to: 'telephone', telephone: 'x' }, 'telephone'],
  [{ to: 'section', page: 'p', section: 'a b' }, 'no blank'],
])('the schema gives the same reason for %j', (link, reason) => {
  expect(v.safeParse(linkSchema, link).issues?.[0].message).toContain(reason);
});
