import path from 'node:path';
import { Command, InvalidArgumentError } from 'commander';
import { answerFollow, answerMix, answerPlan, answerWeigh } from '@trowel/core/headless';
import { knowledge } from '@trowel/knowledge/reader';
import { countRows } from './handlers';
import { answerJson } from './command-line';
import { serve } from './serve';
import { standInWeather } from './weather/stand-in';

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
    .option('--reset', 'begin anew: what is there is deleted', false)
    .option('--now <moment>', 'stand on another day', moment)
    .option('--web <folder>', 'the built app', path.join('app', 'dist'))
    .action(async (options: { port: number; data: string; reset: boolean; now?: Date; web: string }) => {
      try {
        await serve({
          port: options.port,
          dataDir: path.resolve(options.data),
          webRoot: path.resolve(options.web),
          demo,
          reset: options.reset,
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
  ['plan', 'lay remedies out on days and hours', (body) => answerPlan(knowledge, body, standInWeather)],
  ['follow', 'judge counts before and after', (body) => answerFollow(knowledge, body)],
];
for (const [name, does, answer] of headless)
  program
    .command(name)
    .description(does)
    .argument('<file>', 'JSON file, or - for standard input')
    .action((file: string) => answerJson(file, answer));

program
  .command('knowledge')
  .description('number of rows of every table')
  .action(() => void process.stdout.write(`${JSON.stringify(countRows(knowledge), null, 2)}\n`));

await program.parseAsync();
