import fs from 'node:fs';
import path from 'node:path';
import { createInterface } from 'node:readline/promises';
import { Command, InvalidArgumentError } from 'commander';
import { passphrase } from '@trowel/core/contract';
import { answerBestPlan, answerFollow, answerMix, answerWeigh } from '@trowel/core/headless';
import { knowledge } from '@trowel/knowledge/reader';
import { countRows } from './handlers';
import { answerJson } from './command-line';
import { HouseholdBook } from './household/book';
import { backUp, holdFolder, restore } from './keep';
import { isPlanWorker, workOnPlans } from './planner';
import { isLongWorker, workAtLength } from './thread';
import { gardenFile, serve } from './serve';
import { solveIn } from './solver';
import { fillTour, isTourWorker } from './tour';
import { standInAround } from './weather/stand-in';

const port = (text: string): number => {
  const value = Number(text);
  if (!Number.isInteger(value) || value < 1 || value > 65535)
    throw new InvalidArgumentError('must be a whole number from 1 to 65535');
  return value;
};

const moment = (text: string): Date => {
  const value = new Date(text.length === 10 ? `${text}T09:00:00Z` : text);
  if (Number.isNaN(value.getTime()))
    throw new InvalidArgumentError('must be a day or moment like 2026-06-10 or 2026-06-10T17:00:00Z');
  return value;
};

/** Asks at the keyboard; where nobody sits there, the answer is no. */
async function asks(question: string): Promise<boolean> {
  if (!process.stdin.isTTY) return false;
  const line = createInterface({ input: process.stdin, output: process.stdout });
  const answer = await line.question(question);
  line.close();
  return /^y(es)?$/i.test(answer.trim());
}

/** Long enough to prove the best of a large garden's plan; what is found by then is given. */
const secondsToPlan = 20;

interface ServeFlags {
  readonly port: number;
  readonly data: string;
  readonly reset: boolean;
  readonly yes: boolean;
  readonly now?: Date;
  readonly web: string;
  readonly lan: boolean;
  readonly tlsCert?: string;
  readonly tlsKey?: string;
}

const program = new Command('trowel')
  .description('Reads the garden, weighs what lies behind it, mixes, plans and follows up.')
  .showHelpAfterError('(./trowel --help shows all there is)');

for (const demo of [true, false])
  program
    .command(demo ? 'demo' : 'start')
    .description(
      demo ? 'open the product with the demo garden' : 'open the product with your own garden, empty at first',
    )
    .option('--port <number>', 'port on 127.0.0.1', port, 4310)
    .option('--data <folder>', 'where the data lives', '.trowel')
    .option('--reset', 'begin anew: what is there is moved into a dated folder beside it', false)
    .option('--yes', 'do not ask', false)
    .option('--now <moment>', 'stand on another day', moment)
    .option('--web <folder>', 'the built app', path.join('app', 'dist'))
    .option('--lan', 'also for the other devices of the house; a passphrase must be set', false)
    .option('--tls-cert <file>', 'a certificate, so that nobody reads along')
    .option('--tls-key <file>', 'its key')
    .action(async (options: ServeFlags) => {
      try {
        if ((options.tlsCert === undefined) !== (options.tlsKey === undefined))
          throw new Error('--tls-cert and --tls-key belong together: give both or neither.');
        await serve({
          port: options.port,
          dataDir: path.resolve(options.data),
          webRoot: path.resolve(options.web),
          program: new URL(import.meta.url),
          demo,
          reset: options.reset,
          isShared: options.lan,
          ...(options.tlsCert !== undefined && options.tlsKey !== undefined
            ? { tls: { cert: path.resolve(options.tlsCert), key: path.resolve(options.tlsKey) } }
            : {}),
          mayReset: (file) =>
            options.yes ? Promise.resolve(true) : asks(`${file} is moved aside and a new garden begun. Go on? (y/n) `),
          ...(options.now ? { now: options.now } : {}),
        });
      } catch (error) {
        const busy = (error as NodeJS.ErrnoException).code === 'EADDRINUSE';
        process.stderr.write(
          busy
            ? `Port ${options.port} is in use: choose another with --port, or stop what is running there.\n`
            : `${(error as Error).message}\n`,
        );
        process.exit(1);
      }
    });

const headless: readonly [name: string, does: string, answer: (body: unknown) => unknown][] = [
  ['weigh', 'weigh signs: what is likely, why, what to check and do', (body) => answerWeigh(knowledge, body)],
  ['mix', 'work out a mix, or check what may be poured together', (body) => answerMix(knowledge, body)],
  [
    'plan',
    'lay remedies out on days and hours',
    (body) => answerBestPlan(knowledge, body, standInAround, solveIn(secondsToPlan)),
  ],
  ['follow', 'judge counts before and after', (body) => answerFollow(knowledge, body)],
];
for (const [name, does, answer] of headless)
  program
    .command(name)
    .description(does)
    .argument('<file>', 'JSON file, or - for standard input')
    .action((file: string) => answerJson(file, answer));

/** Something done in a folder that no server holds. */
const inFolder = (work: (file: string) => string) => (options: { data: string }) => {
  try {
    const dataDir = path.resolve(options.data);
    process.stdout.write(`${work(gardenFile(dataDir, false))}\n`);
  } catch (error) {
    process.stderr.write(`${(error as Error).message}\n`);
    process.exitCode = 1;
  }
};

program
  .command('backup')
  .description('copy the garden into its folder of backups, checked; the server may go on')
  .option('--data <folder>', 'where the data lives', '.trowel')
  .action(
    inFolder((file) => {
      if (!fs.existsSync(file)) throw new Error(`There is no garden at ${file}.`);
      return backUp(file, new Date().toISOString().slice(0, 19).replaceAll(':', '-'));
    }),
  );

program
  .command('restore')
  .description('put a backup in the place of the garden, which is moved aside; stop the server first')
  .argument('<backup>', 'a file that ./trowel backup made')
  .option('--data <folder>', 'where the data lives', '.trowel')
  .action((backup: string, options: { data: string }) =>
    inFolder((file) => {
      holdFolder(path.dirname(file), { pid: process.pid, port: 0, since: new Date().toISOString() });
      const aside = restore(file, path.resolve(backup), new Date());
      return aside === undefined ? `Restored to ${file}.` : `Restored to ${file}; what was there now lies in ${aside}.`;
    })(options),
  );

program
  .command('passphrase')
  .description('set the passphrase behind which a garden is shared in the house; read from the keyboard or a pipe')
  .option('--data <folder>', 'where the data lives', '.trowel')
  .action(async ({ data }: { data: string }) => {
    const lines = createInterface({ input: process.stdin, output: process.stderr });
    if (process.stdin.isTTY) process.stderr.write('Passphrase (at least 10 letters): ');
    const { value = '' } = await lines[Symbol.asyncIterator]().next();
    lines.close();
    const read = passphrase.safeParse(value);
    if (!read.success) {
      process.stderr.write('The passphrase must have 10 to 200 letters.\n');
      process.exitCode = 1;
      return;
    }
    process.umask(0o077);
    fs.mkdirSync(path.resolve(data), { recursive: true });
    await new HouseholdBook(path.resolve(data)).setPassphrase(read.data);
    process.stdout.write('The passphrase is set. Start with --lan to share the garden in the house.\n');
  });

program
  .command('knowledge')
  .description('number of rows of every table')
  .action(() => void process.stdout.write(`${JSON.stringify(countRows(knowledge), null, 2)}\n`));

// The same file does the heavy work on a thread of its own.
if (isPlanWorker()) workOnPlans();
else if (isTourWorker()) fillTour();
else if (isLongWorker()) workAtLength();
else await program.parseAsync();
