import { toJsonSchema } from '@valibot/to-json-schema';
import { packageSchema, packageVersion } from './package';

/** JSON Schema of inspection.json, from the Valibot schema. Checks it cannot say are left out. */
export const packageJsonSchema = () => ({
  title: `East Gate inspection package, inspection.json, version ${packageVersion}`,
  ...toJsonSchema(packageSchema, { errorMode: 'ignore' }),
});
