import { randomUUID } from 'node:crypto';
import { inputError } from '@trowel/core/contract';
import express, { type Request, type Response, type Router } from 'express';
import { gardenTime } from './clock';
import { pictureOnly } from './formats/jpeg';
import { notFound } from './problems';
import { oneGarden } from './store/garden';
import { addPhoto, maybeJpeg, maybeOnePhoto } from './store/photos';
import { inTransaction } from './store/remembered';
import type { Turns } from './turns';
import type { Deps } from './views/plan';

/**
 * Pictures come and go as what they are, beside the table of calls: sent once, then given to a case by an act that
 * names them.
 */
export function photos(deps: Deps & { readonly turns: Turns }): Router {
  const router = express.Router();
  router.post('/', express.raw({ type: 'image/jpeg', limit: '1mb' }), async (request: Request, response: Response) => {
    if (!Buffer.isBuffer(request.body)) throw inputError('photo', 'not-a-jpeg');
    const picture = pictureOnly(request.body);
    const id = randomUUID();
    await deps.turns.briefly(() =>
      inTransaction(deps.db, 'write', () => {
        const { today } = gardenTime(deps.clock(), oneGarden(deps.db).time_zone);
        addPhoto(deps.db, { id, taken_on: today, at: deps.clock().toISOString(), ...picture });
      }),
    );
    response.json({ id });
  });
  router.get('/:id', (request: Request, response: Response) => {
    const id = String(request.params.id);
    const jpeg = maybeOnePhoto(deps.db, id) && maybeJpeg(deps.db, id);
    if (!jpeg) throw notFound('photo', id);
    response.set('Cache-Control', 'private, max-age=31536000, immutable').type('image/jpeg').send(jpeg);
  });
  return router;
}
