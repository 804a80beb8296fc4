/* global afterAll, jest */
// On a busy machine a test takes its time.
jest.setTimeout(240_000);

// What a file of tests kept open; see testing/db.ts.
afterAll(() => globalThis.closeTestDb?.());
