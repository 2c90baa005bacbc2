/** Things nobody can judge by: no name, no label, somebody's mixture. */
const nameless: readonly RegExp[] = [
  /\b(?:could be|might be|one of (?:them|'?em|those)|what-is-it|what(?:ever)? (?:it|this|that) is)\b/,
  /\b(?:can'?t|cannot|couldn'?t|don'?t|do not|didn'?t|not|never|no one|nobody|no idea|dunno|forgot(?:ten)?|unsure)\b[^.;?!,]{0,18}\b(?:know|knew|sure|certain|tell|remember|recall|say|read|make out|idea|dunno|forgot(?:ten)?|unsure|knows)\b[^.;?!,]{0,12}\b(?:what|which|(?:whether|if) (?:it'?s|it is|its|that'?s|they'?re)|how strong|the (?:label|name|strength|percent\w*|brand))\b/,
  /\b(?:how strong|what it is|which (?:one|kind) it is|what'?s in it)\b[^.;?!]{0,24}\b(?:couldn'?t|can'?t|cannot|don'?t|do not|no idea|nobody|god|heaven|who)\b[^.;?!]{0,8}\b(?:say|tell|know|knows|remember)?/,
  /\b(?:dunno|no idea|unsure|not sure|don'?t know|forgot(?:ten)?) (?:what|which|how strong|(?:whether|if) (?:it'?s|it is|its|that'?s|they'?re))\b/,
  /\b(?:no|without (?:a|any)|hasn'?t (?:a|got a|any)|lost (?:its|the)|minus (?:its|the)) (?:label|name|writing|percent\w*|bag|box|packet|strength)\b/,
  /\b(?:label|bottle|packet|box|bag|sack|name|writing|print)(?:'s| is| has| was)? (?:long |all |been )*(?:gone|lost|off|missing|torn|worn|unreadable|illegible|faded|smudged|rubbed|washed|peeled|fell|fallen|come off|came off|binned|thrown)\b/,
  /\bunlabell?ed\b/,
  /\b(?:leftover|left-over) (?:stuff|bits|liquids?|mix)\b|\bstuff (?:from|out of) \w+ (?:jars?|bottles?|tins?|cans?|tubs?)\b/,
  /\b(?:mystery|unknown|unnamed) \w+/,
  /\b(?:powder|granules|crystals|liquid|stuff|pellets|concentrate|salts?|potion|drops|spray|feed) of some (?:kind|sort)\b|\bsome (?:kind|sort) of (?:powder|granules|liquid|stuff|pellets|concentrate|salts?|spray|feed|fert\w*|killer|acid|oil)\b/,
  /\b(?:fert\w*|feed|soap|oil|sul(?:ph|f)ur|bleach|copper|lime|poison|weed ?killer|peroxide)[^.;?!]{0,8}\b(?:i|we) (?:guess|think|reckon|suppose|assume)\b/,
  /\b(?:home[- ]?brew\w*|potion|concoction|secret recipe)\b/,
];

/** "Some white powder", "the green stuff": called by its looks. */
const byLooks =
  /\b(?:white|grey|gray|blue|green|brown|pink|yellow|red|orange|purple|mystery|some|unknown|unnamed|strange|odd) (?:powder|granules|crystals|liquid|stuff|pellets|concentrate|goo|gunk|fluid|drops|dust)\b/gu;
const isOnIt = /^\s+(?:all |right |deep |down )*(?:in|on|over|under|underneath|along|round|around|between|inside)\b/u;
const isPutThere =
  /\b(?:put|us|add|mix|spray|pour|sprinkl|dust|paint|rub|splash|spread|scatter|tip|appl|giv|feed|fed|with|of)\w*\b[^.;?!,]*$/u;

/** "White stuff in the crown of my plant" is what is seen there; "put some white powder on it" is a thing nobody knows. */
const isCalledByLooks = (line: string): boolean =>
  [...line.matchAll(byLooks)].some(
    ({ 0: words, index }) => !isOnIt.test(line.slice(index + words.length)) || isPutThere.test(line.slice(0, index)),
  );

/** Somebody has a thing and does not know what it is. */
export const isNameless = (line: string): boolean =>
  isCalledByLooks(line) || nameless.some((pattern) => pattern.test(line));
