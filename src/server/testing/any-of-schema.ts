import fc from 'fast-check';
import type { z } from 'zod';

/** What this reads of a schema's inside. */
interface Inside {
  readonly type: string;
  readonly shape?: Readonly<Record<string, z.ZodType>>;
  readonly element?: z.ZodType;
  readonly innerType?: z.ZodType;
  readonly in?: z.ZodType;
  readonly options?: readonly z.ZodType[];
  readonly items?: readonly z.ZodType[];
  readonly values?: readonly unknown[];
  readonly entries?: Readonly<Record<string, string | number>>;
  readonly keyType?: z.ZodType;
  readonly valueType?: z.ZodType;
}

const inside = (schema: z.ZodType): Inside => schema.def;
const OUTER = ['nullable', 'optional', 'default', 'prefault', 'readonly', 'catch'];

/** The schema within what only says that a value may be missing, or changes it after it was read. */
export function bare(schema: z.ZodType): z.ZodType {
  const def = inside(schema);
  if (OUTER.includes(def.type) && def.innerType !== undefined) return bare(def.innerType);
  return def.type === 'pipe' && def.in !== undefined ? bare(def.in) : schema;
}

/** Fields of an object schema, or null of any other. */
export const fieldsOf = (schema: z.ZodType): Readonly<Record<string, z.ZodType>> | null =>
  inside(bare(schema)).shape ?? null;

/** The schema of the elements of a list, or null of any other. */
export const elementOf = (schema: z.ZodType): z.ZodType | null => inside(bare(schema)).element ?? null;

const WORDS = ['Zinc', 'a', 'two words', '2027-03-04', 'al-a356', 'zinc|4', 'Größe 12'];

/** Values that a schema may take, and some that its finer checks refuse. */
export function anyOf(schema: z.ZodType): fc.Arbitrary<unknown> {
  const def = inside(bare(schema));
  switch (def.type) {
    case 'object':
      // What may be missing is missing now and then.
      return fc.record(Object.fromEntries(Object.entries(def.shape ?? {}).map(([k, s]) => [k, anyOf(s)])), {
        requiredKeys: Object.entries(def.shape ?? {}).flatMap(([k, s]) => (inside(s).type === 'optional' ? [] : [k])),
      });
    case 'array':
      return fc.array(anyOf(def.element!), { minLength: 1, maxLength: 3 });
    case 'tuple':
      return fc.tuple(...(def.items ?? []).map(anyOf));
    case 'union':
      return fc.oneof(...(def.options ?? []).map(anyOf));
    case 'record':
      return fc.dictionary(anyOf(def.keyType!).map(String), anyOf(def.valueType!), { minKeys: 1, maxKeys: 3 });
    case 'enum':
      return fc.constantFrom(...Object.values(def.entries ?? {}));
    case 'literal':
      return fc.constantFrom(...(def.values ?? []));
    case 'boolean':
      return fc.boolean();
    case 'number':
      return fc.oneof(
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 4000 }),
        fc.constantFrom(0.25, 1.5, 37.125),
      );
    case 'string':
      return fc.constantFrom(...WORDS);
    default:
      throw new Error(`a schema of kind ${def.type}: say here what it may hold`);
  }
}
