import { inputError } from '@trowel/core/contract';
import type { RequestHandler } from 'express';
import helmet from 'helmet';
import { Problem } from './problems';

/** Who may come in, and what they may bring: checked before anything is read or done. */

/** Names under which this machine calls itself. Another name may be made to point here by a page elsewhere. */
const ownNames = new Set(['127.0.0.1', 'localhost', '[::1]']);

const nameIn = (host: string): string => host.replace(/:\d+$/, '').toLowerCase();

/**
 * Only asked by this machine's own names, and only from pages that this server gave out.
 * @param others names by which the house may ask, as they stand now
 */
export const onlyFrom =
  (others: () => readonly string[]): RequestHandler =>
  (request, _response, next) => {
    const host = request.headers.host ?? '';
    if (!ownNames.has(nameIn(host)) && !others().includes(nameIn(host))) throw new Problem('not-here', host);
    const { origin } = request.headers;
    if (origin !== undefined && (!URL.canParse(origin) || new URL(origin).host !== host))
      throw new Problem('not-from-there', origin);
    if (request.headers['sec-fetch-site'] === 'cross-site' && request.method !== 'GET')
      throw new Problem('not-from-there', 'another site');
    next();
  };

/** What is sent is JSON or it is refused: read as something else, it would be answered and thrown away. */
export const onlyJson: RequestHandler = (request, _response, next) => {
  const isSent = Number(request.headers['content-length'] ?? 0) > 0 || 'transfer-encoding' in request.headers;
  if (isSent && !request.is('application/json'))
    throw new Problem('not-json', String(request.headers['content-type'] ?? ''));
  next();
};

/** Letters in one text; a whole CSV is longer. */
const longest = { text: 10_000, csv: 500_000 } as const;
const mostItems = 2000;
const deepest = 12;

/** No text, list or nesting is so large that reading it would keep everyone waiting. */
export const bounded: RequestHandler = (request, _response, next) => {
  mustBeBounded(request.body, 'body', 0);
  next();
};

function mustBeBounded(value: unknown, field: string, depth: number): void {
  if (depth > deepest) throw inputError(field, 'too-deep', { most: deepest });
  if (typeof value === 'string') {
    const most = field.endsWith('.csv') ? longest.csv : longest.text;
    if (value.length > most) throw inputError(field, 'too-long', { most, given: value.length });
  } else if (Array.isArray(value)) {
    if (value.length > mostItems) throw inputError(field, 'too-many-items', { most: mostItems, given: value.length });
    value.forEach((item, at) => mustBeBounded(item, `${field}[${at}]`, depth + 1));
  } else if (typeof value === 'object' && value !== null) {
    const entries = Object.entries(value);
    if (entries.length > mostItems)
      throw inputError(field, 'too-many-items', { most: mostItems, given: entries.length });
    for (const [name, item] of entries) mustBeBounded(item, `${field}.${name}`, depth + 1);
  }
}

/** What a page of ours may load and who may frame it: nothing from elsewhere, nobody. */
export const guarded: RequestHandler = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'self'"],
      // Styles are made while pages are drawn.
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:', 'blob:'],
      workerSrc: ["'self'", 'blob:'],
      objectSrc: ["'none'"],
      baseUri: ["'none'"],
      formAction: ["'self'"],
      frameAncestors: ["'none'"],
    },
  },
  frameguard: { action: 'deny' },
  referrerPolicy: { policy: 'no-referrer' },
  // Served over plain http on this machine.
  strictTransportSecurity: false,
});
