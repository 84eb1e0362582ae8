import { projectJsonSchema } from './jsonSchema';
import schemaWords from './schemaWords.json';

/** Every field of a JSON Schema, with the path that leads to it and what is said of it. */
function fieldsOf(schema: unknown, path = ''): [path: string, description: unknown][] {
  if (Array.isArray(schema)) return schema.flatMap((one) => fieldsOf(one, path));
  if (typeof schema !== 'object' || schema === null) return [];
  return Object.entries(schema).flatMap(([key, part]: [string, unknown]): [string, unknown][] =>
    key === 'properties'
      ? Object.entries(part as Record<string, { description?: string }>).flatMap(([name, inner]): [string, unknown][] => [
          [`${path}${name}`, inner.description],
          ...fieldsOf(inner, `${path}${name}.`),
        ])
      : key === '$defs'
        ? Object.entries(part as object).flatMap(([name, inner]) => fieldsOf(inner, `${name}.`))
        : key === 'required' || key === 'enum' || key === 'const'
          ? []
          : fieldsOf(part, path),
  );
}

const fields = fieldsOf(projectJsonSchema());

test('every field of the project file is described, and nothing is that is none', () => {
  expect(fields.filter(([, said]) => typeof said !== 'string').map(([path]) => path)).toEqual([]);
  expect(Object.keys(schemaWords).filter((path) => !fields.some(([p]) => p === path))).toEqual([]);
});

test('no object takes fields it does not know, and the file has a name of its own', () => {
  const open = JSON.stringify(projectJsonSchema()).match(/"properties":/g)?.length ?? 0;
  expect(JSON.stringify(projectJsonSchema()).match(/"additionalProperties":false/g)?.length).toBe(open);
  expect(projectJsonSchema().$id).toMatch(/^urn:ofrenda:project:\d+$/);
});
