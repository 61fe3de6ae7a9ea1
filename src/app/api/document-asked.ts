import Joi from 'joi';
import { field, parseWith, type Parsed } from '@/core/exchange';
import { documentKinds, type DocumentKind } from '@/features/documents/document-kinds';

interface Asked {
  kind: DocumentKind;
  paper: 'a4' | 'letter';
  number: string;
  state: string;
  day: string;
}

const schema = Joi.object<Asked>({
  kind: field.oneOf(documentKinds).required(),
  paper: Joi.valid('a4', 'letter').required(),
  number: field.line(6).allow('').required(),
  state: field.line(20).allow('').required(),
  day: field.line(10).allow('').required(),
});

/** What an address asks of a document. */
export const documentAsked = (kind: string, query: URLSearchParams): Parsed<Asked> =>
  parseWith(schema, {
    kind,
    paper: query.get('paper') ?? 'a4',
    number: query.get('number') ?? '',
    state: query.get('state') ?? '',
    day: query.get('day') ?? '',
  });

/** What a document is called where it is saved. */
export const documentFilename = (job: string, { kind, number, state, day, paper }: Asked): string =>
  `${[job, kind, number, state, day, paper]
    .filter(Boolean)
    .join('-')
    .replace(/[^A-Za-z0-9-]/g, '')}.pdf`;
