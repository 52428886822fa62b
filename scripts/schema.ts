// Writes docs/job-file.schema.json from the schema that reads job files.
import { writeFileSync } from 'node:fs';
import { jsonSchemaText } from '#formats/job';

writeFileSync(new URL('../docs/job-file.schema.json', import.meta.url), jsonSchemaText());
