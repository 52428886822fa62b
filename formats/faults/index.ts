import type Joi from 'joi';

/** One thing wrong with a file, with the path of the field it stands in (empty for the file as a whole). */
export interface Fault {
  path: string;
  message: string;
}

/** A fault as one line, the way the command line prints it. */
export const faultLine = ({ path, message }: Fault): string => (path === '' ? message : `${path}: ${message}`);

/** A path as people read it: `setups[0].front.wheel.rimWidthIn`. */
export const pathText = (path: readonly (string | number)[]): string =>
  path.reduce<string>(
    (text, key) => (typeof key === 'number' ? `${text}[${key}]` : text === '' ? key : `${text}.${key}`),
    '',
  );

/** The faults of a failed validation, in the order of the file. */
export const faultsOf = (error: Joi.ValidationError): Fault[] =>
  error.details.map(({ path, message }) => ({ path: pathText(path), message }));
