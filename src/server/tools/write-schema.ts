import { writeFile } from 'node:fs/promises';
import { packageJsonSchema } from '@/core/record/package/package-schema';

await writeFile('docs/inspection.schema.json', `${JSON.stringify(packageJsonSchema(), null, 2)}\n`);
