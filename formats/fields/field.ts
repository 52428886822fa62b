import type { Range, RangeName } from './ranges';

/** The small drawings that show where the rule goes. */
export const HELP_PICTURES = [
  'outboard',
  'inboard',
  'arch',
  'tireSize',
  'rimWidth',
  'backspacing',
  'stack',
  'section',
  'diameter',
  'tread',
  'pattern',
  'bore',
  'lip',
  'stud',
  'poke',
] as const;
export type HelpPicture = (typeof HELP_PICTURES)[number];

/** How a reading is taken: where the rule goes, with what, and what usually goes wrong. */
export interface FieldHelp {
  title: string;
  /** Left out where nothing is drawn. */
  picture?: HelpPicture;
  where: string;
  tool: string;
  mistake: string;
}

/** A number, in the unit that stands in its key. */
export interface NumberField {
  kind: 'number';
  name: string;
  range: RangeName | Range;
  /** Taken on the car with a tool: every value is kept with its instrument and its time. */
  reading: boolean;
  /** Whole numbers only. */
  whole?: true;
  /** Must be given where the group is. */
  needed?: true;
  /** A reading that no verdict waits for. */
  optional?: true;
  help?: FieldHelp;
}

/** One of several words. */
export interface ChoiceField {
  kind: 'choice';
  name: string;
  choices: readonly string[];
  needed?: true;
}

/** Free text, or text that the domain itself must be able to read. */
export interface TextField {
  kind: 'text';
  name: string;
  most: number;
  /** @throws DomainError on what cannot be read */
  read?: (text: string) => unknown;
  /** Written in capitals. */
  capitals?: true;
  /** Nothing may stand in it. */
  mayBeEmpty?: true;
  help?: FieldHelp;
}

/** Yes or no. */
export interface FlagField {
  kind: 'flag';
  name: string;
}

/** Several entries of a kind; what one of them may be is said where it is read. */
export interface ListField {
  kind: 'list';
  name: string;
}

/** Fields that belong together. */
export interface GroupField<T> {
  kind: 'group';
  name: string;
  fields: FieldsOf<T>;
}

/** What a field of a value may be. */
export type FieldFor<V> = V extends number
  ? NumberField
  : V extends boolean
    ? FlagField
    : V extends readonly unknown[]
      ? ListField
      : V extends string
        ? TextField | ChoiceField
        : GroupField<V>;

/** A field for everything that a record holds: one that is missing does not compile. */
export type FieldsOf<T> = { readonly [K in keyof T]-?: FieldFor<NonNullable<T[K]>> };

export type Field = NumberField | ChoiceField | TextField | FlagField | ListField | AnyGroup;
export interface AnyGroup {
  kind: 'group';
  name: string;
  fields: Readonly<Record<string, Field>>;
}

type Beside = Pick<NumberField, 'whole' | 'needed' | 'optional' | 'help'>;

/** A figure that somebody states or chooses. */
export const figure = (name: string, range: RangeName | Range, beside: Beside = {}) =>
  ({ kind: 'number', name, range, reading: false, ...beside }) as const;

/** A figure that is read on the car. */
export const reading = (name: string, range: RangeName | Range, beside: Beside = {}) =>
  ({ kind: 'number', name, range, reading: true, ...beside }) as const;

export const choice = (name: string, choices: readonly string[], beside: Pick<ChoiceField, 'needed'> = {}) =>
  ({ kind: 'choice', name, choices, ...beside }) as const;

export const flag = (name: string) => ({ kind: 'flag', name }) as const;

export const text = (name: string, most: number) => ({ kind: 'text', name, most, mayBeEmpty: true }) as const;

/** Text that the domain reads. */
export const written = (
  name: string,
  read: (text: string) => unknown,
  beside: Partial<Pick<TextField, 'most' | 'capitals' | 'mayBeEmpty' | 'help'>> = {},
) => ({ kind: 'text', name, most: 60, read, ...beside }) as const;

export const list = (name: string) => ({ kind: 'list', name }) as const;

export const group = <T>(name: string, fields: T) => ({ kind: 'group', name, fields }) as const;
