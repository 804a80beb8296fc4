const { default: Sequencer } = require('@jest/test-sequencer');

/** What takes longest, by its measured time: begun last, it would keep one processor waiting. */
const LONG = [
  'server/kill.test',
  'core/planner/year.test',
  'core/people/tag-measure.test',
  'server/restore.test',
  'server/db/process.test',
  'client/people/sheet-screen.test',
  'server/db/migrate.test',
  'server/fuzz.test',
  'server/upkeep/upkeep.test',
];

const rank = ({ path }) => {
  const at = LONG.findIndex((name) => path.includes(name));
  return at < 0 ? LONG.length : at;
};

/** The longest files first, the others as Jest has them. */
module.exports = class LongestFirst extends Sequencer {
  async sort(tests) {
    return (await super.sort(tests)).sort((a, b) => rank(a) - rank(b));
  }
};
