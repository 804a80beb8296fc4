const { existsSync, readdirSync, readFileSync, statSync } = require('node:fs');
const { dirname, join, relative, resolve } = require('node:path');

const ROOT = resolve(__dirname, '..');

/**
 * The floors of a room, from the ground up: a subject imports only from floors below, and on one
 * floor only from those that stand before it.
 */
const CORE_FLOORS = [
  [
    'need',
    'time',
    'merge-fields',
    'money',
    'access',
    'pattern-book',
    'replies',
    'sending-domain',
    'services',
  ],
  ['touches', 'people', 'calendar', 'day-words', 'zones'],
  ['planner', 'rota', 'cadences', 'delivery', 'messages', 'same'],
  ['templates', 'intake', 'follow-ups', 'enrolments', 'almanac'],
  // What gathers them.
  ['sources', 'jobs'],
];
const CLIENT_FLOORS = [
  ['api', 'ui', 'kit'],
  ['access', 'chrome', 'settings', 'templates', 'touches', 'lists', 'intake', 'people', 'same'],
  ['gaps', 'services', 'ahead', 'almanac', 'imports', 'messages', 'cadences'],
  // Screens that show something of many.
  ['sheets', 'desk', 'more'],
];
const SERVER_FLOORS = [
  // What everything stands on.
  [
    'log',
    'keys',
    'db',
    'guard',
    'clock',
    'house',
    'threads',
    'context',
    'errands',
    'lifecycle',
    'api',
    'tasks',
    'act',
    'access',
    'holidays',
    'settings',
  ],
  // What exists.
  ['lists', 'people', 'views', 'services', 'carriers', 'files', 'templates', 'cadences'],
  ['delivery'],
  ['planner'],
  // What happens.
  ['touches', 'messages', 'enrolments', 'almanac', 'ahead', 'gaps', 'imports', 'intake', 'upkeep'],
  ['sheets', 'exports', 'history'],
  ['subjects', 'http', 'config', 'commands', 'restore', 'start', 'main'],
];
const ranked = (floors) => new Map(floors.flat().map((name, rank) => [name, rank]));
const RANKS = new Map([
  ['core', ranked(CORE_FLOORS)],
  ['client', ranked(CLIENT_FLOORS)],
  ['server', ranked(SERVER_FLOORS)],
]);

const IMPORT =
  /(?:^|\n)\s*(?:import|export)\b[^'"`;]*?from\s*['"]([^'"]+)['"]|import\(\s*['"]([^'"]+)['"]/g;

const EXTENSIONS = ['', '.ts', '.tsx', '/index.ts', '/index.tsx'];

function resolveImport(from, to) {
  const base = to.startsWith('@/')
    ? join(ROOT, to.slice(2))
    : to.startsWith('.')
      ? resolve(dirname(from), to)
      : null;
  if (!base) return null;
  for (const extension of EXTENSIONS) {
    const path = base + extension;
    if (existsSync(path) && statSync(path).isFile()) return path;
  }
  return null;
}

const files = (dir) =>
  readdirSync(dir, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && /\.tsx?$/.test(entry.name))
    .map((entry) => join(entry.parentPath, entry.name));

let graph = null;
/** Every file of the rooms with what it imports, types included; read once for a run of the linter. */
function imports() {
  graph ??= new Map(
    ['app', 'client', 'contract', 'server', 'core', 'standins', 'demo']
      .flatMap((room) => files(join(ROOT, room)))
      .map((file) => [
        file,
        [...readFileSync(file, 'utf8').matchAll(IMPORT)]
          .map(([, a, b]) => resolveImport(file, a ?? b))
          .filter(Boolean),
      ]),
  );
  return graph;
}

/** The shortest way by which a file imports itself through others, or null. */
function circleOf(file) {
  const from = new Map([[file, null]]);
  const queue = [file];
  for (const at of queue)
    for (const next of imports().get(at) ?? []) {
      if (next === file) {
        const path = [file];
        for (let back = at; back !== null; back = from.get(back)) path.unshift(back);
        return path;
      }
      if (!from.has(next)) {
        from.set(next, at);
        queue.push(next);
      }
    }
  return null;
}

/** The room of a file and its subject there: a folder, or a file that stands by itself. */
const placeOf = (file) => {
  const [room, name = ''] = relative(ROOT, file).split('/');
  return { room, subject: name.replace(/\.tsx?$/, '') };
};

const named = (file) => relative(ROOT, file);

/** What of a server subject others may import: its index and, for those who gather them, its declaration. */
const OPEN = /^(index|subject)\.ts$/;

module.exports = {
  rules: {
    'by-index': {
      create: (context) => ({
        Program(node) {
          const file = context.filename;
          const { room: ownRoom, subject: own } = placeOf(file);
          if (ownRoom !== 'server' || /\.test\.ts$/.test(file)) return;
          for (const other of imports().get(file) ?? []) {
            const [room, name, ...rest] = named(other).split('/');
            if (room !== 'server' || name === own || name === 'db' || rest.length === 0) continue;
            if (rest.length > 1 || !OPEN.test(rest[0]))
              context.report({
                node,
                message: `It reaches into ${named(other)}: go through server/${name}/index.ts.`,
              });
          }
        },
      }),
    },
    'no-circles': {
      create: (context) => ({
        Program(node) {
          const path = circleOf(context.filename);
          if (path)
            context.report({ node, message: `It imports itself: ${path.map(named).join(' → ')}` });
        },
      }),
    },
    floors: {
      create: (context) => ({
        Program(node) {
          const file = context.filename;
          const { room, subject: own } = placeOf(file);
          const rank = RANKS.get(room);
          if (!rank || /\.test\.tsx?$/.test(file)) return;
          if (!rank.has(own))
            return context.report({
              node,
              message: `“${own}” stands on no floor: put it on one in testing/house-rules.js.`,
            });
          for (const other of imports().get(file) ?? []) {
            const place = placeOf(other);
            if (place.room === room && rank.get(place.subject) > rank.get(own))
              context.report({
                node,
                message: `${own} may not import ${named(other)}, which stands above it.`,
              });
          }
        },
      }),
    },
  },
};
