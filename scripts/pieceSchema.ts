import {
  DEFAULT_ADDITION,
  DEFAULT_BRIEF,
  DEFAULT_CLAY,
  DEFAULT_CORE,
  DEFAULT_DECISION,
  DEFAULT_ENTRY,
  DEFAULT_FIT,
  DEFAULT_OVEN,
  DEFAULT_PART,
  DEFAULT_REFERENCE,
  DEFAULT_SCHOOLS,
  DEFAULT_STEP,
  newPiece,
  PIECE_VERSION,
} from '@every-inch/core/piece';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import * as formClasses from '../core/src/form/record/classes.ts';
import { DEFAULT_BUILT_PIECE, FORM_DEFAULTS } from '../core/src/piece/complete.ts';
import * as documentClasses from '../core/src/piece/document.ts';

type Schema = Record<string, unknown>;
type Properties = Record<string, Schema>;

const REF = '#/$defs/';
/** Stamped by the writer; a file without them is not known for a piece. */
const STAMPS = ['format', 'version'];

/** Fields that the reader fills in when a file leaves them out, by class. */
const FILLED: Readonly<Record<string, readonly string[]>> = {
  Piece: Object.keys(newPiece('', '')).filter((field) => !STAMPS.includes(field)),
  Brief: Object.keys(DEFAULT_BRIEF),
  Schools: Object.keys(DEFAULT_SCHOOLS),
  Clay: Object.keys(DEFAULT_CLAY),
  Addition: ['id', ...Object.keys(DEFAULT_ADDITION)],
  FoundThing: ['id', 'meant'],
  Fit: ['id', ...Object.keys(DEFAULT_FIT)],
  WireStock: ['id', 'count'],
  Decision: ['id', ...Object.keys(DEFAULT_DECISION)],
  Reference: ['id', ...Object.keys(DEFAULT_REFERENCE)],
  BuiltPieceData: Object.keys(DEFAULT_BUILT_PIECE),
  Part: ['id', ...Object.keys(DEFAULT_PART)],
  CoreChoice: Object.keys(DEFAULT_CORE),
  BakeSettings: Object.keys(DEFAULT_OVEN),
  Route: ['steps', 'relations'],
  RouteStep: ['id', ...Object.keys(DEFAULT_STEP)],
  StepRelation: ['id'],
  LogEntry: ['id', ...Object.keys(DEFAULT_ENTRY)],
  ...Object.fromEntries(
    Object.entries(FORM_DEFAULTS).map(([kind, fields]) => [formClass(kind), Object.keys(fields)]),
  ),
};

function formClass(kind: string): string {
  return `${kind.charAt(0).toUpperCase()}${kind.slice(1)}FormData`;
}

/** Names of the classes that a field’s `kind` chooses from. */
function subTypesOf(className: string, field: string): string[] {
  const type = ({ ...documentClasses, ...formClasses } as Record<string, unknown>)[className];
  if (typeof type !== 'function') return [];
  const options = defaultMetadataStorage.findTypeMetadata(type, field)?.options;
  return (options?.discriminator?.subTypes ?? []).map(({ value }: { value: { name: string } }) => value.name);
}

function propertySchema(className: string, field: string, found: Schema, isNullable: boolean): Schema {
  const kinds = subTypesOf(className, field);
  const { not: _never, ...plain } = found;
  const schema = kinds.length > 0 ? { oneOf: kinds.map((name) => ({ $ref: REF + name })) } : plain;
  return isNullable ? { anyOf: [schema, { type: 'null' }] } : schema;
}

function classSchema(className: string, found: { properties: Properties; required?: string[] }): Schema {
  const always = new Set(found.required ?? []);
  const filled = new Set(FILLED[className] ?? []);
  const properties = Object.fromEntries(
    Object.entries(found.properties).map(([field, schema]) => [
      field,
      propertySchema(className, field, schema, !always.has(field)),
    ]),
  );
  const required = [...always].filter((field) => !filled.has(field));
  return { type: 'object', properties, ...(required.length > 0 ? { required } : {}) };
}

/** JSON Schema (2020-12) of a piece’s file, from the classes that the reader checks it with. Unknown fields are allowed. */
export function pieceSchema(): Schema {
  const found = validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage,
    additionalConverters: {
      isDay: () => ({ type: 'string', format: 'date' }),
      isMoment: () => ({
        oneOf: [
          { format: 'date', type: 'string' },
          { format: 'date-time', type: 'string' },
        ],
      }),
    },
    refPointerPrefix: REF,
  }) as unknown as Record<string, { properties: Properties; required?: string[] }>;
  const defs = Object.fromEntries(
    Object.entries(found).map(([className, schema]) => [className, classSchema(className, schema)]),
  );
  const { Piece, ...others } = defs;
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: `A piece of Every Inch, version ${PIECE_VERSION}`,
    ...Piece,
    $defs: others,
  };
}
