import { toJsonSchema } from '@valibot/to-json-schema';
import { projectSchema } from '../plan/project';

/** JSON Schema of the project file. Checks that JSON Schema cannot say (a species of the catalogue) are left out. */
export const projectJsonSchema = (): Record<string, unknown> => ({
  ...toJsonSchema(projectSchema, { errorMode: 'ignore' }),
  title: 'Ofrenda project file, version 1',
});
