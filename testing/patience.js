/* global jest */
// A database starts for every suite; on a busy machine that takes its time.
jest.setTimeout(60_000);
