import { jobJsonSchema } from "@/core/job/jobJsonSchema";
import { once } from "@/core/geometry/once";

/** What is read of a JSON schema here. */
interface Schema {
  readonly type?: string | readonly string[];
  readonly enum?: readonly unknown[];
  readonly const?: unknown;
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly required?: readonly string[];
  readonly items?: Schema;
  readonly minItems?: number;
  readonly prefixItems?: readonly Schema[];
  readonly anyOf?: readonly Schema[];
  readonly oneOf?: readonly Schema[];
  readonly additionalProperties?: Schema | boolean;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly exclusiveMinimum?: number;
  readonly exclusiveMaximum?: number;
}

/** A step from a value to one inside it: a key, an item, or one of the forms that it may have. */
type Step =
  | { readonly key: string; readonly schema: Schema }
  | { readonly item: number; readonly schema: Schema }
  | { readonly form: Schema };

/** A number somewhere in the schema of the job document. */
export interface SchemaNumber {
  readonly name: string;
  readonly steps: readonly Step[];
  readonly schema: Schema;
}

/** Every number of the schema that has no list of its own values. */
export const numbersOfSchema = once((): SchemaNumber[] => listNumbers(jobJsonSchema(), [], ""));

function listNumbers(schema: Schema, steps: readonly Step[], name: string): SchemaNumber[] {
  const forms = schema.anyOf ?? schema.oneOf ?? [];
  const { additionalProperties: others } = schema;
  return [
    ...(isNumber(schema) ? [{ name, steps, schema }] : []),
    ...Object.entries(schema.properties ?? {}).flatMap(([key, inner]) =>
      listNumbers(inner, [...steps, { key, schema: inner }], `${name}.${key}`),
    ),
    ...(typeof others === "object"
      ? listNumbers(others, [...steps, { key: "tape-24", schema: others }], `${name}.*`)
      : []),
    ...(schema.items
      ? listNumbers(schema.items, [...steps, { item: 0, schema: schema.items }], `${name}[]`)
      : []),
    ...(schema.prefixItems ?? []).flatMap((inner, item) =>
      listNumbers(inner, [...steps, { item, schema: inner }], `${name}[${item}]`),
    ),
    ...forms.flatMap((form, index) =>
      listNumbers(form, [...steps, { form }], `${name}|${nameOfForm(form) ?? index}`),
    ),
  ];
}

const isNumber = ({ type, enum: values }: Schema): boolean =>
  values === undefined && [type].flat().some((one) => one === "number" || one === "integer");

/** What tells a form from the others: the one word that its kind, or its like, may be. */
const nameOfForm = ({ properties = {} }: Schema): string | null =>
  Object.values(properties)
    .map((property) => property.const)
    .find((value) => typeof value === "string") ?? null;

/** A number's limits, as near to them as it may come, and 0 where that is allowed. */
export function boundsOf({ schema }: SchemaNumber): number[] {
  const { minimum, maximum, exclusiveMinimum, exclusiveMaximum } = schema;
  const least = minimum ?? (exclusiveMinimum === undefined ? undefined : exclusiveMinimum + 1e-6);
  const most = maximum ?? (exclusiveMaximum === undefined ? undefined : exclusiveMaximum - 1e-6);
  const isIn = (least ?? -Infinity) <= 0 && (most ?? Infinity) >= 0;
  return [...new Set([...(isIn ? [0] : []), ...[least, most].filter((bound) => bound !== undefined)])];
}

/** The document with a number put where its place in the schema is, made up on the way to it where there is nothing yet. */
export function setNumber<Document extends object>(
  document: Document,
  to: SchemaNumber,
  value: number,
): Document {
  return put(document, to.steps, value) as Document;
}

function put(value: unknown, steps: readonly Step[], number: number): unknown {
  const [step, ...rest] = steps;
  if (!step) return number;
  if ("form" in step) return put(isOfForm(value, step.form) ? value : leastOf(step.form, ""), rest, number);
  if ("key" in step) {
    const object = (typeof value === "object" && value !== null ? value : {}) as Record<string, unknown>;
    return { ...object, [step.key]: put(object[step.key] ?? leastOf(step.schema, step.key), rest, number) };
  }
  const list = Array.isArray(value) ? [...(value as unknown[])] : [];
  const place = placeIn(list, step, rest);
  list[place] = put(list[place] ?? leastOf(step.schema, ""), rest, number);
  return list;
}

/** Of a list the first item that goes on as is asked for; a new one where only a form of its own will do. */
function placeIn(
  list: readonly unknown[],
  { item }: { readonly item: number },
  [next, after]: readonly Step[],
): number {
  const has = (key: string, one: unknown) => typeof one === "object" && one !== null && key in one;
  const goesOn = (one: unknown) => {
    if (next && "key" in next) return has(next.key, one);
    return !next || !("form" in next) || isOfForm(one, next.form);
  };
  const best = list.findIndex((one) => goesOn(one) && (!after || !("key" in after) || has(after.key, one)));
  const found = best < 0 ? list.findIndex(goesOn) : best;
  if (found >= 0 && item === 0) return found;
  return next && "form" in next ? list.length : item;
}

function isOfForm(value: unknown, { properties = {}, required = [], type }: Schema): boolean {
  if (typeof value !== "object" || value === null) return typeof value === type;
  const own = value as Record<string, unknown>;
  const isTold = Object.entries(properties).every(
    ([key, property]) => property.const === undefined || own[key] === property.const,
  );
  const keys = Object.keys(own);
  return (
    type === "object" &&
    isTold &&
    keys.every((key) => key in properties) &&
    required.every((key) => key in own)
  );
}

/** Words that must name something that is there, or be read in some way. */
const words: Readonly<Record<string, unknown>> = {
  id: "any",
  on: "w0",
  stencil: "net",
  around: "o",
  colours: { mesh: "kelp", leaf: "kelp", seed: "kelp", crest: "kelp", foam: "kelp" },
  path: "M 0 0 L 40 0 L 40 80 Z",
  hex: "#4C5B45",
  price: 7,
  size: "250 ml",
  in: "kelp",
  of: "oyster",
};

/** The least that a schema lets in. */
function leastOf(schema: Schema, key: string): unknown {
  if (schema.const !== undefined) return schema.const;
  if (schema.enum) return schema.enum[0];
  const form = (schema.anyOf ?? schema.oneOf)?.[0];
  const word = words[key];
  if (word !== undefined && !form && [schema.type].flat().includes(typeof word)) return word;
  if (form) return leastOf(form, key);
  if (schema.prefixItems) return schema.prefixItems.map((inner) => leastOf(inner, ""));
  if (schema.items) return Array.from({ length: schema.minItems ?? 0 }, () => leastOf(schema.items!, key));
  if (isNumber(schema)) return Math.min(Math.max(100, schema.minimum ?? 1), schema.maximum ?? 1e3);
  if (schema.type === "boolean") return true;
  if (schema.type === "string") return "kelp";
  return Object.fromEntries(
    (schema.required ?? []).map((name) => [name, leastOf(schema.properties![name]!, name)]),
  );
}
