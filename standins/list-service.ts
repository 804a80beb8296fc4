import express, { Router } from 'express';
import { Webhook } from 'standardwebhooks';

interface Told {
  name: string;
  email: string;
  words: string;
  trial: boolean;
}

interface Call {
  type: string;
  data: { person: { name: string; email: string }; words: string };
}

const escaped = (text: string) => text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);

/**
 * A small list service, standing in for a real one: takes signed calls (Standard Webhooks), refuses
 * those that are not signed with its secret, takes each id once, and shows whom it was told of. What
 * it knows is gone when it ends.
 */
export function listService(secret: () => Promise<string | null>): Router {
  const told = new Map<string, Told>();
  const router = Router();
  router.post('/', express.text({ type: 'application/json' }), async (request, response) => {
    const key = await secret();
    let call: Call;
    try {
      call = new Webhook(key ?? '').verify(String(request.body), {
        'webhook-id': request.get('webhook-id') ?? '',
        'webhook-timestamp': request.get('webhook-timestamp') ?? '',
        'webhook-signature': request.get('webhook-signature') ?? '',
      }) as Call;
    } catch {
      return void response.status(401).json({ taken: false, because: 'The signature is wrong.' });
    }
    const id = request.get('webhook-id')!;
    const known = told.has(id);
    const { person, words } = call.data;
    told.set(id, {
      name: person.name,
      email: person.email,
      words,
      trial: call.type.endsWith('trial'),
    });
    response.json({ taken: true, known });
  });
  router.get('/', (_, response) => {
    const rows = [...told.values()].map(
      ({ name, email, words, trial }) =>
        `<li>${escaped(name)}, ${escaped(email)}${trial ? ' (a trial)' : ''}: ${escaped(words)}</li>`,
    );
    response
      .type('html')
      .send(
        `<!doctype html><html lang="en"><title>A list service</title><h1>A list service</h1><p>It stands in for a real one and was told of ${told.size} people.</p><ul>${rows.join('')}</ul>`,
      );
  });
  return router;
}
