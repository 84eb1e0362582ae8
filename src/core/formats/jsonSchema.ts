import { toJsonSchema } from '@valibot/to-json-schema';
import * as v from 'valibot';
import { partSchema } from '../botany/treeSchema';
import { PROJECT_VERSION, projectSchema } from '../plan/project';
import { photographsSchema } from './projectFile';
import schemaWords from './schemaWords.json';

/** What each field is, by its path, in English for those who read and write such files elsewhere. */
const SCHEMA_WORDS: Readonly<Record<string, string>> = schemaWords;

type Schema = Record<string, unknown>;
const isSchema = (value: unknown): value is Schema => typeof value === 'object' && value !== null && !Array.isArray(value);

/** The schema with what each field is, by its path; lists and choices between forms add nothing to a path. */
function described(schema: Schema, path = ''): Schema {
  const through = (part: unknown): unknown =>
    Array.isArray(part)
      ? part.map((one) => (isSchema(one) ? described(one, path) : one))
      : isSchema(part)
        ? described(part, path)
        : part;
  const field = ([name, inner]: [string, unknown]) => {
    const here = `${path}${name}`;
    return [name, isSchema(inner) ? { description: SCHEMA_WORDS[here], ...described(inner, `${here}.`) } : inner] as const;
  };
  return Object.fromEntries(
    Object.entries(schema).map(([key, part]) => {
      if (key === 'properties' && isSchema(part)) return [key, Object.fromEntries(Object.entries(part).map(field))];
      // a part of a piece is described once, as a part
      if (key === '$defs' && isSchema(part))
        return [
          key,
          Object.fromEntries(
            Object.entries(part).map(([name, inner]) => [name, isSchema(inner) ? described(inner, `${name}.`) : inner]),
          ),
        ];
      return [key, INNER.has(key) ? through(part) : part];
    }),
  );
}

/** Where further schemas stand in one (JSON Schema 2020-12, 10). */
const INNER: ReadonlySet<string> = new Set(['items', 'additionalProperties', 'anyOf', 'oneOf', 'allOf']);

/** JSON Schema of the project file. Checks that JSON Schema cannot say (a species of the catalogue) are left out. */
export const projectJsonSchema = (): Schema => ({
  ...described(
    toJsonSchema(v.strictObject({ ...projectSchema.entries, photographs: v.optional(photographsSchema, []) }), {
      errorMode: 'ignore',
      definitions: { part: partSchema },
    }) as Schema,
  ),
  $id: `urn:ofrenda:project:${PROJECT_VERSION}`,
  title: `Ofrenda project file, version ${PROJECT_VERSION}`,
});
