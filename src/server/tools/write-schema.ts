import { writeFile } from 'node:fs/promises';
import { packageJsonSchema } from '@/core/formats/package-schema';

await writeFile('docs/inspection.schema.json', `${JSON.stringify(packageJsonSchema(), null, 2)}\n`);
