import type { Random } from '@/demo/random';

/** The parts of a JSON schema (draft 2020-12) that the contract's schemas become. */
export interface JsonSchema {
  type?: string | string[];
  enum?: unknown[];
  const?: unknown;
  anyOf?: JsonSchema[];
  oneOf?: JsonSchema[];
  allOf?: JsonSchema[];
  properties?: Record<string, JsonSchema>;
  required?: string[];
  additionalProperties?: boolean | JsonSchema;
  propertyNames?: JsonSchema;
  items?: JsonSchema;
  minimum?: number;
  maximum?: number;
  format?: string;
  maxLength?: number;
  $ref?: string;
  $defs?: Record<string, JsonSchema>;
}

/** Texts that have broken programs: control characters, halves of pairs, folding, markup, SQL, paths. */
const NASTY = [
  '',
  ' ',
  '\u0000',
  'a\u0000b',
  '\ud800',
  'x\udc00y',
  'İstanbul',
  'ΌΣΟΣ',
  'ß',
  'ﬁ',
  '👨‍👩‍👧‍👦',
  '\u202Eabc',
  'a\r\nb: c',
  'line\nbreak',
  '<script>alert(1)</script>',
  "'; drop table person; --",
  '{{ name }}{% raw %}',
  '../../etc/passwd',
  '%E0%A4%A',
  '=1+1',
  'null',
  'true',
  'NaN',
  '1e309',
  '-0',
  '0000-01-01',
  '9999-12-31',
  '2026-02-30',
  '2026-11-23',
  'x'.repeat(1_000),
  ','.repeat(3_000),
  '"'.repeat(3_000),
  '(('.repeat(500),
  'constructor',
  '__proto__',
  'toString',
] as const;

const ODD = [
  null,
  [],
  {},
  0,
  -1,
  1.5,
  true,
  2 ** 31,
  2 ** 53,
  -(2 ** 63),
  1e308,
  '',
  [[]],
  { a: 1 },
];

const WORDS = ['Ana', 'Lind', 'garden', 'a@example.com', '555-0142', 'Quarterly', '#boat', 'May 4'];

/**
 * A value for a schema: mostly one that it takes, so that what comes after the schema is met too, and
 * now and then one that nobody would think of.
 */
export class Values {
  constructor(
    private readonly random: Random,
    /** Ids that are there. */
    private readonly ids: readonly string[],
    /** How often something is odd. */
    private readonly odd: number,
  ) {}

  make(schema: JsonSchema, root: JsonSchema = schema, depth = 0): unknown {
    const { random } = this;
    if (random.chance(this.odd / 4)) return random.pick(ODD);
    if (depth > 6) return null;
    if (schema.$ref) {
      const name = /^#\/\$defs\/(.+)$/.exec(schema.$ref)?.[1];
      return this.make(name ? root.$defs![name]! : root, root, depth + 1);
    }
    if (schema.const !== undefined) return schema.const;
    if (schema.enum) return random.pick(schema.enum);
    const choices = schema.anyOf ?? schema.oneOf;
    if (choices) return this.make(random.pick(choices), root, depth + 1);
    if (schema.allOf) return this.make(schema.allOf[0]!, root, depth + 1);
    const type = Array.isArray(schema.type) ? random.pick(schema.type) : schema.type;
    switch (type) {
      case 'object':
        return this.object(schema, root, depth);
      case 'array':
        return Array.from({ length: random.pick([0, 1, 1, 2, 3]) }, () =>
          this.make(schema.items ?? {}, root, depth + 1),
        );
      case 'integer':
      case 'number':
        return this.number(schema);
      case 'boolean':
        return random.chance(0.5);
      case 'null':
        return null;
      case 'string':
        return this.text(schema);
      default:
        return random.pick([...ODD, ...WORDS]);
    }
  }

  private object(schema: JsonSchema, root: JsonSchema, depth: number): object {
    const { random } = this;
    const made: Record<string, unknown> = {};
    for (const [name, of] of Object.entries(schema.properties ?? {})) {
      const wanted = schema.required?.includes(name);
      if (wanted ? random.chance(this.odd / 8) : random.chance(0.6)) continue;
      made[name] = this.make(of, root, depth + 1);
    }
    const more = schema.additionalProperties;
    if (typeof more === 'object')
      for (let n = random.int(0, 2); n > 0; n--) {
        const name = schema.propertyNames
          ? this.make(schema.propertyNames, root, depth + 1)
          : this.id();
        made[String(name)] = this.make(more, root, depth + 1);
      }
    if (random.chance(this.odd / 4)) made[random.pick(NASTY)] = random.pick(ODD);
    return made;
  }

  private number({ minimum = -10, maximum = 1_000 }: JsonSchema): number {
    const { random } = this;
    if (random.chance(this.odd))
      return random.pick([-1, 0, 1.5, 2 ** 31, 2 ** 53, -(2 ** 31) - 1, 1e300]);
    const [low, high] = [Math.max(minimum, -1_000), Math.min(maximum, 1_000)];
    return random.int(low, high);
  }

  id = (): string => this.random.pick(this.ids);

  text({ format, maxLength = 100 }: JsonSchema = {}): string {
    const { random } = this;
    if (random.chance(this.odd)) return random.pick(NASTY);
    if (format === 'uuid') return this.id();
    if (format === 'date') return `2026-${random.int(10, 12)}-${random.int(10, 27)}`;
    if (random.chance(0.1)) return this.id();
    const words = Array.from({ length: random.int(1, 3) }, () => random.pick(WORDS)).join(' ');
    return words.slice(0, maxLength);
  }
}
