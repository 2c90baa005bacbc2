import { said } from '../quantities';
import type { KeepApartRow, RemedyId, RemedyRow, Tables } from '../tables';
import type { CautionFound } from './caution';
import type { ActThing } from './judge';

/** Something else on the same plant or bed: so many days before what is asked about, or (minus) after it. */
export interface Neighbour {
  readonly classes: readonly string[];
  readonly where: 'plant' | 'bed';
  readonly daysAgo: number;
  /** Which remedy it was, where that is known: its own pace counts only between rounds of itself. */
  readonly remedy?: RemedyId;
  /** A round of the very series that is asked about: never kept apart from itself, and counted for how often. */
  readonly isOwn?: boolean;
}

type PaceTables = Pick<Tables, 'remedies' | 'ingredients' | 'paces'>;
type Asked = Pick<ActThing, 'classes' | 'ingredient'>;

/** Two kinds of thing that are nearer to each other than they may be; undefined where none is. @param days between them, either way */
export function tooNear(
  { keepApart }: Pick<Tables, 'keepApart'>,
  one: readonly string[],
  other: readonly string[],
  days: number,
  scope?: KeepApartRow['scope'],
): KeepApartRow | undefined {
  return keepApart.find(
    (row) =>
      (scope === undefined || row.scope === scope) &&
      Math.abs(days) < row.days &&
      ((one.includes(row.a) && other.includes(row.b)) || (one.includes(row.b) && other.includes(row.a))),
  );
}

/** How many days back any rule on keeping apart, on paces and on how often looks; what lies before that says nothing. */
export const furthestBack = ({
  keepApart,
  paces,
  remedies,
}: Pick<Tables, 'keepApart' | 'paces' | 'remedies'>): number =>
  Math.max(
    ...keepApart.map(({ days }) => days),
    ...paces.map(({ everyDays = 0 }) => everyDays),
    ...remedies.map(({ repeat }) => Math.max(repeat?.inDays ?? 0, repeat?.everyDays[0] ?? 0)),
  );

/** Days to keep apart from what this plant and this bed have had, or are to have. */
export function apartOf(
  tables: Pick<Tables, 'keepApart'>,
  things: readonly Asked[],
  neighbours: readonly Neighbour[],
): CautionFound[] {
  return things.flatMap(({ classes }) =>
    neighbours.flatMap((neighbour): CautionFound[] => {
      if (neighbour.isOwn) return [];
      const row = tooNear(tables, classes, neighbour.classes, neighbour.daysAgo, neighbour.where);
      if (!row) return [];
      const wait = Math.ceil(row.days - Math.abs(neighbour.daysAgo));
      return [{ level: 'caution', ...said('days-between', { wanted: row.days, why: row.why, wait }) }];
    }),
  );
}

/** Rounds of one kind that stand too near, or are too many: by the paces of a substance, and by each remedy's own. */
export function repeatsOf(
  tables: PaceTables,
  things: readonly Asked[],
  neighbours: readonly Neighbour[],
  remedy?: RemedyId,
): CautionFound[] {
  const onPlant = neighbours.filter(({ where }) => where === 'plant');
  return things.flatMap((thing) => {
    const paced = tables.paces
      .filter(
        ({ of, everyDays = 0 }) =>
          (of === thing.ingredient || thing.classes.includes(of)) &&
          onPlant.some(({ classes, daysAgo }) => classes.includes(of) && Math.abs(daysAgo) < everyDays * 0.99),
      )
      .map(({ id, everyDays = 0 }): CautionFound => ({
        level: 'caution',
        ...said('too-often', { limit: id, wanted: everyDays }),
      }));
    return [
      ...paced,
      ...roundsOf(tables, thing).flatMap(({ id, kind, repeat: { everyDays, most, inDays } }): CautionFound[] => {
        const alike = onPlant.filter(
          ({ classes }) => kind.every((name) => classes.includes(name)) && isSameWay(classes, thing.classes),
        );
        const isTooSoon = alike.some(
          (one) => one.remedy === id && remedy === id && Math.abs(one.daysAgo) < everyDays[0],
        );
        const isTooMany = mostWithin([0, ...alike.map(({ daysAgo }) => daysAgo)], inDays) > most;
        return [
          // What the pace of its substance says already is not said twice.
          ...(isTooSoon && paced.length === 0
            ? [{ level: 'caution' as const, ...said('too-soon', { wanted: everyDays[0] }) }]
            : []),
          ...(isTooMany ? [{ level: 'stop' as const, ...said('too-many', { most, within: inDays }) }] : []),
        ];
      }),
    ];
  });
}

/** Days that must lie between two rounds by what is in them alone, whatever the rhythm of the remedy; at least one. */
export const daysBetweenRounds = ({ paces }: Pick<Tables, 'paces'>, things: readonly Asked[]): number =>
  Math.max(
    1,
    ...paces.flatMap(({ of, everyDays }) =>
      everyDays !== undefined && things.some((thing) => of === thing.ingredient || thing.classes.includes(of))
        ? [everyDays]
        : [],
    ),
  );

/** The most rounds in any span of so many days that holds today's. */
function mostWithin(days: readonly number[], span: number): number {
  return Math.max(
    ...days.map((from) =>
      from < 0 || from >= span ? 0 : days.filter((day) => day <= from && day > from - span).length,
    ),
  );
}

/** What is against today only, and may go on later. */
export const onlyWaits = (found: CautionFound): boolean => 'code' in found && waitingCodes.has(found.code);
const waitingCodes: ReadonlySet<string> = new Set([
  'days-between',
  'too-often',
  'too-soon',
  'too-many',
  'too-young',
  'out-of-season',
  'test-runs',
  'test-unseen',
]);

/** What a remedy is made of: all of it must be in a thing that is of its kind. */
export const kindOf = (
  { ingredients }: Pick<Tables, 'ingredients'>,
  { recipe, classes }: Pick<RemedyRow, 'recipe' | 'classes'>,
): readonly string[] =>
  recipe === undefined ? classes : (ingredients.find(({ id }) => id === recipe.ingredient)?.classes ?? []);

interface Rounds {
  readonly id: RemedyId;
  readonly kind: readonly string[];
  readonly way: readonly string[];
  readonly repeat: NonNullable<RemedyRow['repeat']>;
}
const allRounds = new WeakMap<object, readonly Rounds[]>();

/** The remedies of a thing's kind that say how often they may go on. */
function roundsOf(tables: Pick<Tables, 'remedies' | 'ingredients'>, { classes }: Asked): readonly Rounds[] {
  const known = allRounds.get(tables.remedies);
  const rounds =
    known ??
    tables.remedies.flatMap(({ id, repeat, ...row }): Rounds[] =>
      repeat === undefined ? [] : [{ id, repeat, kind: kindOf(tables, row), way: row.classes }],
    );
  if (!known) allRounds.set(tables.remedies, rounds);
  return rounds.filter(
    ({ kind, way }) => kind.length > 0 && kind.every((name) => classes.includes(name)) && isSameWay(way, classes),
  );
}

/** Soap on the leaves and soap poured on the ground are counted apart. */
const ways = ['spray', 'drench'];
export const waysIn = (classes: readonly string[]) => ways.filter((way) => classes.includes(way));

/** Where either does not say how it is put on, it may be the same way. */
function isSameWay(one: readonly string[], other: readonly string[]): boolean {
  const [some, others] = [waysIn(one), waysIn(other)];
  return some.length === 0 || others.length === 0 || some.some((way) => others.includes(way));
}
