import { randomInt, timingSafeEqual } from 'node:crypto';
import { networkInterfaces, hostname } from 'node:os';
import { householdView, pairDevice, parseInput, setPassphrase, type HouseholdView } from '@trowel/core/contract';
import express, { type Request, type RequestHandler, type Response, type Router } from 'express';
import { rateLimit } from 'express-rate-limit';
import { notFound, plainProblem } from '../problems';
import type { Clock } from '../clock';
import type { HouseholdBook } from './book';

/** What a shared garden needs to know of the house. */
export interface Household {
  readonly book: HouseholdBook;
  readonly clock: Clock;
  readonly port: number;
  /** Other devices of the house can reach it. */
  readonly isShared: boolean;
  readonly isSecure: boolean;
}

const cookieName = 'trowel-device';
/** Days for which a device stays paired without being seen. */
const stays = 180;
const codeLasts = 600_000;
/** Wrong tries that are answered in a quarter of an hour: of one address, and of all together. */
const tries = { each: 5, all: 20, within: 900_000 } as const;

const isThisMachine = ({ socket }: Request): boolean =>
  ['127.0.0.1', '::1', '::ffff:127.0.0.1'].includes(socket.remoteAddress ?? '');

/** Addresses of this machine in the house. */
export const ownAddresses = (): string[] =>
  Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    .filter(({ internal, family }) => !internal && family === 'IPv4')
    .map(({ address }) => address);

/** Names under which this machine may be asked for in the house, as they stand now. */
export const namesInTheHouse = (): string[] => [
  ...ownAddresses(),
  hostname().toLowerCase(),
  `${hostname().toLowerCase()}.local`,
];

const cookieOf = ({ headers }: Request): string | undefined =>
  headers.cookie
    ?.split(';')
    .map((one) => one.trim().split('='))
    .find(([name]) => name === cookieName)?.[1];

/** Lets in this machine and the devices that are paired, and remembers which it is for the log. */
export const gate =
  ({ book, clock }: Household): RequestHandler =>
  (request, response, next) => {
    const token = cookieOf(request);
    const device = token === undefined ? undefined : book.known(token, clock());
    if (!device && !isThisMachine(request)) throw plainProblem('not-paired');
    response.locals.device = device;
    next();
  };

/** The name of the device that asks; undefined: this machine itself. */
export const deviceOf = (response: Response): string | undefined =>
  (response.locals.device as { name: string } | undefined)?.name;

/** Pairing, naming and taking off; behind it everything else asks the gate. Wrong tries are counted on over a restore. */
export function household(house: Household): Router {
  const known = routers.get(house);
  if (known) return known;
  const router = newRouter(house);
  routers.set(house, router);
  return router;
}
const routers = new WeakMap<Household, Router>();

function newRouter(house: Household): Router {
  const { book, clock, port, isShared, isSecure } = house;
  const router = express.Router();
  const json = express.json({ limit: '10kb' });
  const inside = gate(house);
  let code: { readonly digits: string; readonly until: number } | undefined;

  const tooMany: RequestHandler = () => {
    throw plainProblem('too-many-tries');
  };
  const limited = (limit: number, keyGenerator: (request: Request) => string) =>
    rateLimit({
      windowMs: tries.within,
      limit,
      keyGenerator,
      skipSuccessfulRequests: true,
      standardHeaders: false,
      legacyHeaders: false,
      handler: tooMany,
    });
  const isCode = (given: string): boolean => {
    if (!code || code.until < clock().getTime()) return false;
    const [one, other] = [Buffer.from(given.replace(/\D/g, '')), Buffer.from(code.digits)];
    return one.length === other.length && timingSafeEqual(one, other);
  };

  router.post(
    '/pair',
    limited(tries.all, () => 'all'),
    limited(tries.each, ({ socket }) => socket.remoteAddress ?? ''),
    json,
    async (request: Request, response: Response) => {
      const { name, passphrase: word, code: given } = parseInput(pairDevice, request.body);
      const isRight = given === undefined ? await book.isPassphrase(word ?? '') : isCode(given);
      if (!isRight) throw plainProblem('wrong-passphrase');
      // A code lets one device in.
      if (given !== undefined) code = undefined;
      response.cookie(cookieName, book.add(name, clock()), {
        httpOnly: true,
        sameSite: 'strict',
        secure: isSecure,
        maxAge: stays * 86_400_000,
        path: '/',
      });
      response.json({});
    },
  );

  router.use(inside);
  router.get('/', (_request, response) => {
    const me = response.locals.device as { id: string; name: string } | undefined;
    response.set('Cache-Control', 'no-store');
    response.json(
      householdView.parse({
        isShared,
        hasPassphrase: book.hasPassphrase,
        isSecure,
        addresses: isShared
          ? ownAddresses().map((address) => `${isSecure ? 'https' : 'http'}://${address}:${port}`)
          : [],
        me: me?.name ?? null,
        devices: book.devices().map((device) => ({ ...device, isMe: device.id === me?.id })),
      } satisfies HouseholdView),
    );
  });
  router.post('/passphrase', json, async (request: Request, response: Response) => {
    // Who sits at the machine has the files anyway; nobody else may lock the others out.
    if (response.locals.device !== undefined) throw plainProblem('only-here');
    await book.setPassphrase(parseInput(setPassphrase, request.body).passphrase);
    response.json({});
  });
  router.post('/code', (_request, response) => {
    const digits = Array.from({ length: 8 }, () => randomInt(10)).join('');
    code = { digits, until: clock().getTime() + codeLasts };
    response.set('Cache-Control', 'no-store');
    response.json({ code: digits, until: new Date(code.until).toISOString() });
  });
  router.post('/devices/:id/remove', (request, response) => {
    const id = String(request.params.id);
    if (!book.remove(id)) throw notFound('device', id);
    response.json({});
  });
  return router;
}
