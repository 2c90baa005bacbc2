import { tokensOf, type Token } from './words';

/** A stretch of a line that is about one thing. */
export interface Clause {
  readonly text: string;
  readonly tokens: readonly Token[];
  /** True where "or", "nor" ties it to the clause before, so that a denial carries on. */
  readonly carriesOn: boolean;
  /** What parts it from the clause before: "and", "with", "after" and a comma leave the two perhaps about one thing. */
  readonly isSoft: boolean;
  readonly isAfterComma: boolean;
}

const breaks =
  /([,;.!?:()\n]+|\s[-–—]\s|\b(?:and|but|with|plus|while|whereas|although|also|then|yet|except)\b|\b(?=(?:no|without|after|because|since|following|during|despite)\b))/i;
const softBreak = /^(?:and|with|plus)$/i;
/** "After a spray" sharpens what stands before it, and what that denies it does not deny. */
const softStart = /^(?:after|because|since|following|during|despite)\b/i;
/** "no eggs or webs" denies both. */
const ties = /\b(?:or|nor)\b/i;

const denials =
  /^(?:no|not|never|none|without|isnt|arent|wasnt|werent|doesnt|dont|didnt|cant|cannot|nothing|absent|neither|lack|hardly|havent|hasnt|wont)$/;
export const isDenial = ({ word }: Token): boolean => denials.test(word);

const fine = new Set(
  'fine ok okay healthy normal good great perfect unaffected untouched clean clear well sound happy'.split(' '),
);
/** "New growth is fine" says of the place that nothing is wrong there. */
export const isFine = ({ word }: Token): boolean => fine.has(word);

/** "Nothing on the new growth": a place is spared, and no sign is denied elsewhere. */
export const saysSpared = (text: string): boolean =>
  /^\W*(?:but |and |so far )*(?:there(?:['’]s| is) )?(?:nothing|none)(?: at all| yet| wrong| to see)? (?:on|in|to|with|under|among) (?:(?:the|its|my|any|all|of) )*(?:(?:others?|rest|neighbou?r\w*)|(?:(?:new|newer|newest|young|younger|older|old|oldest|other|lower|upper|top|inner|outer|nearby) )+(?:growth|leaves|leaf|shoots?|tips?|stems?|fruits?|plants?|ones|side))\W*$/iu.test(
    text,
  );

/** Denials that belong to a way of speaking and deny nothing. */
const innocent = [
  /\bnot only\b/gi,
  /\bno longer\b/gi,
  /\bno doubt\b/gi,
  /\bcannot tell\b/gi,
  /\bnot sure\b/gi,
  /\bdont know\b/gi,
  /\bno idea\b/gi,
  /\bcan(?:'|’)?t (?:push|get)\b/gi,
  /\b(?:(?:do|does|did|will|would)(?:n(?:'|’)?t| not)|cannot|can(?:'|’)?t|won(?:'|’)?t|not) (?:rub|wipe|come|scrape|wash|brush)s? off\b/gi,
];

/** "Nothing but greenfly" is greenfly. */
export const withOnly = (text: string): string =>
  text.replace(/\b(?:nothing|none) (?:else |other )?(?:but|than)\b/giu, 'only');

/** Splits a line where gardeners draw breath. */
export function clausesOf(line: string, joined: RegExp = /(?!)/g): Clause[] {
  const plain = innocent.reduce((text, pattern) => text.replace(pattern, ' '), withOnly(line));
  // "Hot and dry" is one thing: its "and" is tied to its neighbours before the line is split.
  const tied = plain.replace(joined, (phrase) => phrase.replace(/\s+/g, '_'));
  // The pattern is captured, so breaks stand between the parts they part.
  const parts = tied.split(breaks);
  return parts
    .filter((_, index) => index % 2 === 0)
    .flatMap((part, at) => {
      const isSoft = softBreak.test(parts[2 * at - 1] ?? '') || softStart.test(part);
      const isAfterComma = parts[2 * at - 1] === ',';
      return part.split(ties).map((piece, index) => ({
        piece,
        carriesOn: index > 0,
        isSoft: isSoft && index === 0,
        isAfterComma: isAfterComma && index === 0,
      }));
    })
    .map(({ piece, ...rest }) => ({ text: piece.replace(/_/g, ' ').trim(), tokens: tokensOf(piece), ...rest }))
    .filter(({ tokens }) => tokens.length > 0);
}
