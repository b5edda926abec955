import { writeFile } from 'node:fs/promises';
import { planJsonSchema } from '@/core/advise/choosing/problem-schema';
import { packageJsonSchema } from '@/core/record/package/package-schema';

const write = (file: string, schema: object) =>
  writeFile(file, `${JSON.stringify(schema, null, 2)}\n`);

await write('docs/inspection.schema.json', packageJsonSchema());
await write('docs/plan.schema.json', planJsonSchema());
