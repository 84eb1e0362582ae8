import { toJsonSchema } from '@valibot/to-json-schema';
import * as v from 'valibot';
import { PROJECT_VERSION, projectSchema } from '../plan/project';
import { photographsSchema } from './projectFile';

/** JSON Schema of the project file. Checks that JSON Schema cannot say (a species of the catalogue) are left out. */
export const projectJsonSchema = (): Record<string, unknown> => ({
  ...toJsonSchema(v.strictObject({ ...projectSchema.entries, photographs: v.optional(photographsSchema, []) }), {
    errorMode: 'ignore',
  }),
  $id: `urn:ofrenda:project:${PROJECT_VERSION}`,
  title: `Ofrenda project file, version ${PROJECT_VERSION}`,
});
