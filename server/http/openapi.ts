import { z } from 'zod';
import { createDocument, type ZodOpenApiPathsObject } from 'zod-openapi';

import { endpoints } from '@/contract';
import { ApiError, type Endpoint, type ErrorCode } from '@/contract/endpoint';
import { need } from '@/core/need';

import { Refusal } from '../api';

const isEmpty = (schema: z.ZodType) =>
  schema instanceof z.ZodObject && Object.keys(schema.shape).length === 0;

/** The API as an OpenAPI 3.1 document, made from the contract that both sides import. */
export function openApiDocument(version: string) {
  const paths: ZodOpenApiPathsObject = {};
  for (const endpoint of endpoints) {
    const path = `/api${endpoint.path.replace(/:(\w+)/g, '{$1}')}`;
    paths[path] = { ...paths[path], [endpoint.method]: operation(endpoint) };
  }
  return createDocument({
    openapi: '3.1.0',
    info: {
      title: 'Pen Pal',
      version,
      description:
        'Keeps a personal sphere warm: people, promises, cadences, the desk and the plan.',
    },
    paths,
  });
}

const failure = (codes: readonly ErrorCode[]) => ({
  description: `Refused: ${codes.join(', ')}`,
  content: { 'application/json': { schema: ApiError } },
});

function operation(endpoint: Endpoint) {
  const byStatus = new Map<number, ErrorCode[]>();
  for (const code of new Set<ErrorCode>(['invalid', ...endpoint.errors])) {
    const { status } = new Refusal(code, '');
    byStatus.set(status, [...(byStatus.get(status) ?? []), code]);
  }
  return {
    tags: [endpoint.subject],
    summary: endpoint.summary,
    requestParams: {
      ...(isEmpty(endpoint.params) ? {} : { path: endpoint.params as z.ZodObject }),
      ...(isEmpty(endpoint.query) ? {} : { query: endpoint.query as z.ZodObject }),
    },
    ...(isEmpty(endpoint.body)
      ? {}
      : { requestBody: { content: { 'application/json': { schema: endpoint.body } } } }),
    responses: {
      '200': {
        description: 'Done',
        content: { 'application/json': { schema: endpoint.response } },
      },
      ...Object.fromEntries(
        [...byStatus].map(([status, codes]) => [String(status), failure(codes)]),
      ),
    },
  };
}

const escape = (text: string) =>
  text.replace(/[&<>"]/g, (c) =>
    need({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' }[c]),
  );

/** A readable page of the same endpoints, without scripts. */
export function apiPage(version: string): string {
  const bySubject = new Map<string, Endpoint[]>();
  for (const endpoint of endpoints)
    bySubject.set(endpoint.subject, [...(bySubject.get(endpoint.subject) ?? []), endpoint]);
  const sections = [...bySubject].map(
    ([subject, list]) =>
      `<h2>${escape(subject)}</h2><table>${list.map(endpointRow).join('')}</table>`,
  );
  return `<!doctype html><html lang="en"><meta charset="utf-8"><title>Pen Pal API</title>
<meta name="viewport" content="width=device-width,initial-scale=1">
<style>body{font:16px/1.5 system-ui,sans-serif;max-width:60rem;margin:2rem auto;padding:0 1rem;color:#1e2433;background:#fbf7ef}
table{border-collapse:collapse;width:100%}td{border-top:1px solid #e4dccb;padding:.5rem .75rem .5rem 0;vertical-align:top}
code{font-size:.9em}.m{color:#1f5f73;text-transform:uppercase;width:4rem}.e{color:#5b6172}</style>
<h1>Pen Pal API ${escape(version)}</h1>
<p>JSON in, JSON out, below <code>/api</code>. The full description, with every field, is
<a href="/api/openapi.json">openapi.json</a> (OpenAPI 3.1). A refusal is
<code>{"error": {"code", "message", "field"}}</code> with a sentence for people.</p>
${sections.join('\n')}</html>`;
}

const endpointRow = (endpoint: Endpoint): string =>
  `<tr><td class="m"><code>${endpoint.method}</code></td><td><code>/api${escape(endpoint.path)}</code></td>
<td>${escape(endpoint.summary)}<br><span class="e">${endpoint.errors.map(escape).join(', ')}</span></td></tr>`;
