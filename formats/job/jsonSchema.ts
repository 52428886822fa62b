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
    ...(withNull(made) as Record<string, unknown>),
  };
  return `${JSON.stringify(document, null, 2)}\n`;
}

/** Values to choose from are told without null by the schema's maker, beside a type that takes it. */
function withNull(part: unknown): unknown {
  if (Array.isArray(part)) return part.map(withNull);
  if (part === null || typeof part !== 'object') return part;
  const whole = Object.fromEntries(Object.entries(part).map(([key, value]) => [key, withNull(value)]));
  const { enum: values, type } = whole;
  if (!Array.isArray(values) || !Array.isArray(type) || !type.includes('null') || values.includes(null)) return whole;
  return { ...whole, enum: [...(values as unknown[]), null] };
}
