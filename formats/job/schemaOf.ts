import Joi from 'joi';
import { rangeOf, type AnyGroup, type Field } from '#formats/fields';
import { known, number, readable, text } from '#formats/rules';

/**
 * Schemas that say more than a field does, by its key: what the entries of a list may be, and what must fit together.
 */
type Special = Readonly<Record<string, Joi.Schema>>;

/** The schema of a group of fields. */
export const objectOf = (fields: AnyGroup['fields'], special: Special = {}): Joi.ObjectSchema =>
  Joi.object(Object.fromEntries(Object.entries(fields).map(([key, field]) => [key, special[key] ?? schemaOf(field)])));

function schemaOf(field: Field): Joi.Schema {
  switch (field.kind) {
    case 'number': {
      const [least, most] = rangeOf(field);
      const schema = field.whole ? number(least, most).integer() : number(least, most);
      return field.needed ? known(schema) : schema;
    }
    case 'choice': {
      const schema = Joi.valid(...field.choices);
      return field.needed ? schema.required() : schema;
    }
    case 'flag':
      return Joi.boolean();
    case 'text': {
      if (!field.read) return text(field.most);
      const schema = field.capitals ? Joi.string().uppercase() : Joi.string();
      const read = schema.max(field.most).custom(readable(field.read));
      return field.mayBeEmpty ? read.allow('') : read;
    }
    case 'group':
      return objectOf(field.fields);
    case 'list':
      throw new Error(`the entries of “${field.name}” need a schema of their own`);
  }
}
