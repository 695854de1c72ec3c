import type { Schema } from './client';

type Joined<Name extends string, Mark extends string> = Name extends `${infer Head}${Mark}${infer Tail}`
  ? `${Capitalize<Head>}${Joined<Tail, Mark>}`
  : Capitalize<Name>;

/** The name of a kind as the contract writes it in its schemas: `walk.taken_over` is `WalkTakenOver`. */
type SchemaName<Kind extends string> = Joined<Joined<Kind, '.'>, '_'>;

/** Every kind that has a payload in the contract, with the type of it. */
export type Payloads = {
  [
    Kind in Schema['EntryKind'] as `${SchemaName<Kind>}Payload` extends keyof Schema ? Kind : never
  ]: Schema[`${SchemaName<Kind>}Payload` & keyof Schema];
};

export type PostedKind = keyof Payloads;

/** Kinds whose payload had another form before, with the number of the present one. */
type Versions = {
  [
    Kind in PostedKind as `${SchemaName<Kind>}Version` extends keyof Schema ? Kind : never
  ]: Schema[`${SchemaName<Kind>}Version` & keyof Schema];
};

// The contract says which ones there are: one that is missing here, or has another number, does not compile.
const VERSIONS: Versions = { 'handover.signed': 2 };

interface Envelope {
  id: string;
  recorded_at: string;
  corrects?: string;
  version?: number;
}

/** An entry as it is posted: its kind says what its payload is. */
export type Entry = { [Kind in PostedKind]: Envelope & { kind: Kind; payload: Payloads[Kind] } }[PostedKind];

export type EntryOf<Kind extends PostedKind> = Extract<Entry, { kind: Kind }>;

export function entryOf<Kind extends PostedKind>(
  id: string,
  kind: Kind,
  payload: Payloads[Kind],
  corrects?: string,
): EntryOf<Kind> {
  const version = (VERSIONS as Partial<Record<PostedKind, number>>)[kind];

  return {
    id,
    kind,
    recorded_at: new Date().toISOString(),
    payload,
    ...(version === undefined ? {} : { version }),
    ...(corrects === undefined ? {} : { corrects }),
  } as EntryOf<Kind>;
}

export function isOf<Kind extends PostedKind>(entry: Entry, kind: Kind): entry is EntryOf<Kind> {
  return entry.kind === kind;
}
