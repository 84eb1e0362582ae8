import { writeFileSync } from 'node:fs';
import { projectJsonSchema } from '../src/core/formats/jsonSchema';

/** Writes the JSON Schema of the project file, made from the schema that the application itself checks with. */
writeFileSync('docs/project.schema.json', `${JSON.stringify(projectJsonSchema(), null, 2)}\n`);
