import { jobSchema } from './schema';

interface StandardJsonSchema {
  '~standard': { jsonSchema: { input(options: { target: string }): Record<string, unknown> } };
}

/**
 * The job file's schema as JSON Schema (draft 2020-12), for editors and other programs. Made from the one that reads
 * files.
 */
export function jsonSchemaText(): string {
  const made = (jobSchema as unknown as StandardJsonSchema)['~standard'].jsonSchema.input({ target: 'draft-2020-12' });
  const document = {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Scoval job file, version 1',
    ...made,
  };
  return `${JSON.stringify(document, null, 2)}\n`;
}
