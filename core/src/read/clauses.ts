import { tokensOf, type Token } from './words';

/** A stretch of a line that is about one thing, and whether it says that the thing is not there. */
export interface Clause {
  readonly text: string;
  readonly tokens: readonly Token[];
  readonly negated: boolean;
}

const breaks = /[,;.!?:()\n]+|\s[-–—]\s|\b(?:and|but|with|plus|while|whereas|although|also|then|yet|except)\b/i;
/** "no eggs or webs" denies both, so these carry the denial on. */
const carriesOn = /\b(?:or|nor)\b/i;
const denials =
  /\b(?:no|not|never|none|without|isnt|arent|isn't|aren't|wasn't|doesn't|don't|didn't|can't see|cannot see|nothing|absent|free of|neither|no sign of|lack of|hardly any)\b/i;
/** Denials that are part of a sign of its own, such as "not growing", and must not turn it round. */
const ownWords =
  /\b(?:not growing|no growth|stopped|not watered|no rain|no water|not fed|never fed|no feed|not been fed|no fertili[sz]er|never been fed|no food|nothing fed|no feeding|no air|cannot push|will not go|never dries(?: out)?|hardly growing|hardly grown|barely growing|without feed|havent fed|have not fed|haven't fed|haven’t fed|no longer|not only|never had feed|not fed yet|not the same on both halves)\b/gi;

/** Splits a line where gardeners draw breath, keeping track of what is denied. */
export function clausesOf(line: string, joined: readonly RegExp[] = []): Clause[] {
  // "Hot and dry" is one thing: its "and" is tied to its neighbours before the line is split.
  const tied = joined.reduce((text, pattern) => text.replace(pattern, (phrase) => phrase.replace(/\s+/g, '_')), line);
  return tied
    .split(breaks)
    .flatMap((part) => {
      const pieces = part.split(carriesOn);
      const firstDenied = isDenied(pieces[0] ?? '');
      return pieces.map((piece) => ({ piece, negated: firstDenied || isDenied(piece) }));
    })
    .map(({ piece, negated }) => ({ text: piece.replace(/_/g, ' ').trim(), tokens: tokensOf(piece), negated }))
    .filter(({ tokens }) => tokens.length > 0);
}

const isDenied = (piece: string) => denials.test(piece.replace(/_/g, ' ').replace(ownWords, ' '));
