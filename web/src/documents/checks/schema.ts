import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage';
import { DOCUMENT_KINDS, SINGLE_KINDS, type DocumentKind } from '../store/document';
import { FILE_FORMAT } from '../files/file';
import { VERSION } from '../migrations/version';
import { CHECKS } from './check';

const TEXT = { type: 'string' } as const;

/** What the decorators of this room mean in a schema; what core's readers take cannot be said there. */
const CONVERTERS = {
  readable: TEXT,
  readableList: { type: 'array' as const, items: TEXT },
  readableListWithGaps: { type: 'array' as const, items: { type: ['string', 'null'] as ['string', 'null'] } },
  textValues: { type: 'object' as const, additionalProperties: { type: 'string' as const, maxLength: 40 } },
  ownIds: { type: 'array' as const },
  weights: {
    type: 'object' as const,
    additionalProperties: { type: 'number' as const, minimum: 0, maximum: 1000 },
  },
};

/** The JSON Schema of the workbook file, made from the classes that check it. For the build and the tests only. */
export function workbookSchema(): object {
  const schemas = validationMetadatasToSchemas({
    additionalConverters: CONVERTERS,
    classTransformerMetadataStorage: defaultMetadataStorage,
    refPointerPrefix: '#/$defs/',
  });
  // Other doors have classes too: what a workbook holds is what its kinds lead to.
  const held = reached(
    schemas,
    DOCUMENT_KINDS.map((kind) => CHECKS[kind].name),
  );
  const closed = Object.fromEntries(
    Object.entries(schemas)
      .filter(([name]) => held.has(name))
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([name, schema]) => [name, { ...schema, additionalProperties: false }]),
  );
  const documents = DOCUMENT_KINDS.map((kind: DocumentKind) => ({
    type: 'object',
    properties: {
      id: (SINGLE_KINDS as readonly string[]).includes(kind)
        ? { const: kind }
        : { type: 'string', minLength: 1, maxLength: 200 },
      kind: { const: kind },
      body: { $ref: `#/$defs/${CHECKS[kind].name}` },
    },
    required: ['id', 'kind', 'body'],
    additionalProperties: false,
  }));
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Diatonix workbook',
    type: 'object',
    properties: {
      format: { const: FILE_FORMAT },
      version: { const: VERSION },
      workbook: {
        type: 'object',
        properties: {
          title: { type: 'string', maxLength: 200 },
          documents: { type: 'array', items: { oneOf: documents } },
        },
        required: ['title', 'documents'],
        additionalProperties: false,
      },
    },
    required: ['format', 'version', 'workbook'],
    additionalProperties: false,
    $defs: closed,
  };
}

/** The names of the schemas that some lead to, themselves among them. */
function reached(schemas: Readonly<Record<string, object>>, names: readonly string[]): Set<string> {
  const found = new Set<string>();
  const open = [...names];
  for (let name = open.pop(); name !== undefined; name = open.pop()) {
    if (found.has(name)) continue;
    found.add(name);
    open.push(
      ...[...JSON.stringify(schemas[name] ?? {}).matchAll(/#\/\$defs\/(\w+)/g)].map(([, one]) => one!),
    );
  }
  return found;
}
