// What stands in for `@jest/globals` where tests run without a context of their own: Jest has put it among the globals.
export const { afterAll, afterEach, beforeAll, beforeEach, describe, expect, jest, test } = globalThis;
