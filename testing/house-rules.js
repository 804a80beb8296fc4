const { existsSync, readdirSync, readFileSync, statSync } = require('node:fs');
const { dirname, join, relative, resolve } = require('node:path');

const ROOT = resolve(__dirname, '..');

/**
 * The floors of the server, from the ground up: a subject imports only from floors below, and on one
 * floor only from those that stand before it.
 */
const FLOORS = [
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
  ['subjects', 'http', 'config', 'outside-world', 'commands', 'restore', 'start', 'main'],
];
const RANK = new Map(FLOORS.flat().map((name, rank) => [name, rank]));

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

const subjectOf = (file) => {
  const [room, name] = relative(ROOT, file).split('/');
  return room === 'server' ? name.replace(/\.ts$/, '') : null;
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
          const own = subjectOf(file);
          if (!own || /\.test\.ts$/.test(file)) return;
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
          const own = subjectOf(file);
          if (!own || /\.test\.ts$/.test(file)) return;
          if (!RANK.has(own))
            return context.report({
              node,
              message: `“${own}” stands on no floor: put it on one in testing/house-rules.js.`,
            });
          for (const other of imports().get(file) ?? []) {
            const name = subjectOf(other);
            if (name && RANK.get(name) > RANK.get(own))
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
