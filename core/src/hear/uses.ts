import type { Use } from '../tables';

/** What is said of a use, the plainest first. */
const patterns: readonly (readonly [Use, RegExp])[] = [
  // Picked insects that drown in suds: no plant is wetted.
  [
    'tool',
    /\b(?:\w*pick\w*|beetles?|caterpillars?|\w*worms?|slugs?|snails?|bugs?|grubs?)\b[^.;?!]{0,70}\b(?:dunk|drop|dip|drown|flick|tip|knock)\w*\s+(?:them|it|'em|each|those)\s+(?:off\s+)?in/,
  ],
  // A pot that is scrubbed has nothing growing in it.
  [
    'tool',
    /\b(?:pots?|trays?)\b[^.;?!]{0,60}\bscrub\w*|\bscrub\w*[^.;?!]{0,40}\b(?:pots?|trays?)\b|\bwash(?:ed|ing)? (?:out |up )?(?:(?:the|my|our|all|empty|clay|plastic|old|dirty|used|seed|terracotta) )*(?:pots?|trays?)\b/,
  ],
  // Old pots that are put to soak stand empty.
  [
    'tool',
    /\b(?:soak|steep|dip|dunk)\w* (?:(?:the|my|our|some|all) )*(?:(?:old|empty|used|dirty|clay|plastic|terracotta) )+(?:seed )?(?:pots|trays)\b|\b(?:old|empty|used|dirty) (?:(?:clay|plastic|terracotta|seed|flower) )*(?:pots|trays)\b[^.;?!]{0,30}\b(?:soak|steep|dunk|rinse|bucket of)/,
  ],
  [
    'soak',
    /\b(?:(?:stood|stand|standing|sat|sit|set|dunk\w*|dip\w*|soak\w*) (?:it|them|(?:the |a |my )?(?:whole )?pots?) in\b|soak(?:ed|ing)? (?:a |the |my |whole )*(?:pot|pots|root ?ball|plant)|(?:pot|pots|root ?ball) (?:\w+ ){0,3}(?:soak|stand|sit)\w* in|dunk\w* the pot)\b/,
  ],
  [
    'tool',
    /\b(?:(?:drop|knock|shake|pick|brush|sweep|flick|scrape|tap)\w* (?:(?:them |'em |it )?(?:off )?in|(?:[\w'-]+ ){0,5}?into)|drown\w*)\b/,
  ],
  ['tool', /\b(?:cotton (?:buds?|swabs?|wool)|q-?tips?|swabs?|tooth ?brush(?:es)?)\b/],
  [
    'root',
    /\bhydrangeas?\b[^.;?!]{0,30}\bblue\b|\bacidify\w*|\bmore acid\w*|\b(?:lower|raise|drop|bring (?:down|up)|change|adjust)\w*\s+(?:the )?ph\b|\bph of (?:my|the) (?!soil|bed|ground|garden)/,
  ],
  ['leaf', /\bfoliar\b/],
  ['bait', /\b(?:baits?|bait (?:box|station)|ant (?:box|station)|in a lid|stations?|syrup)\b/],
  [
    'tool',
    /\b(?:pruners?|secateurs|blades?|loppers|shears|saws?|knife|knives|tools?|empty (?:\w+ )?(?:pots?|trays?|tubs?)|(?:clay |plastic |old |dirty |used )?pots? (?:and trays )?(?:in|with) bleach|scrub\w*|disinfect\w*|sterili[sz]\w*|greenhouse (?:glass|staging|bench)|staging|patio|slabs?|paving|stakes|canes|bench(?:es)?)\b/,
  ],
  ['seed', /\b(?:soak\w* (?:my |the )?\w* ?seeds?|seeds? (?:in|for)|seed soak)\b/],
  [
    'root',
    /\b(?:drench\w*|over (?:the )?roots?|on (?:the )?roots?|at (?:the |its |their )?(?:roots?|base|foot)|onto (?:the )?roots?|to (?:the )?roots?|round (?:the )?roots?|around (?:the )?roots?|through (?:the|its) pots?|into (?:the|its) pots?|root rot|pour(?:ed|ing)? (?:it |some |this )?(?:on|onto|over|round|around|through|into|once)|water(?:ed|ing) (?:(?:the|my|our|her|his) |(?:it |them |this )?(?:in|on|onto|with|around|round)\b)|water (?:it|them|this) (?:in|on|onto|with|around|round)|feed(?:ing)?)\b/,
  ],
  [
    'leaf',
    /\b(?:spray\w*|spritz\w*|mist\w*|lea(?:f|ves)|foliage|foliar|undersides?|wet(?:ting)? (?:the|both)|both sides|dust\w* (?:the|my|it)|on (?:my |the )?(?:roses?|beans?)(?!['’]?s?['’]? (?:soil|bed|roots|ground))|giv\w+ .{0,30}going over|(?:on|against) (?:the |my |our |these )?(?:whitefl\w+|aphids|greenfly|blackfly|spider mites?|mildew|thrips|mealy ?bugs?|black ?spot)\b|hit (?:em|them))\b/,
  ],
  [
    'soil',
    /\b(?:soil|ground|bed|beds|earth|lawn|mulch\w*|dig(?:ging)? in|sprinkl\w*|scatter\w*|between the slabs|drive|path)\b/,
  ],
];

/** "On the soil, not on leaves". */
const notOnLeaves =
  /\b(?:not|never|nothing|none|keep\w* (?:it )?off) (?:on |onto |over )?(?:the |its |any )?(?:lea(?:f|ves)|foliage)\b/g;

/** Where a line says that something goes. */
export const whereSaid = (line: string): Use | undefined => {
  const said = line.replace(notOnLeaves, ' ');
  return patterns.find(([, pattern]) => pattern.test(said))?.[0];
};

/** Seedlings, cuttings and what has just been planted out. */
export const saysYoung = (line: string): boolean =>
  /\b(?:seedlings?|sprouts?|cuttings?|seed ?trays?|seed[- ]start\w*|baby \w+|just (?:sprouted|germinated|come up)|pricked out|plugs)\b/.test(
    line,
  );

/** It only stands somewhere: "keep the brew in a bucket". */
export const saysKept = (line: string): boolean =>
  !saysPutOn(line) &&
  /\b(?:keep|store|leave|stand)\b[^.;?!]{0,50}\bin (?:a|an|the|my|our|that) (?:\w+ ){0,2}(?:bucket|barrel|drum|tub|bin|butt|crock|churn|pail)\b/.test(
    line,
  );

/** Something is to die, whatever else is said of letting be. */
export const saysKill = (line: string): boolean => /\b(?:kill|drown|squash|crush|burn|squish|get rid)/.test(line);

/** Something is put on or dosed, whatever it is: "spray the beds", "put some on". */
export const saysPutOn = (line: string): boolean =>
  /\b(?:spray|spritz|pour|sprinkl|scatter|drench|dos(?:e|ing)|appl(?:y|ied)|treat|label|(?:tea|table)?spoon|scoop|cap(?:ful)?s?\b|splash|mist)\w*/.test(
    line,
  ) ||
  /\b(?:put(?:ting)?|giv(?:e|en|ing)|us(?:e|ed|ing)|add(?:ed|ing)?)\s+(?:(?:them|him|her|(?:my|the|our)\s+\w+)\s+)?(?:some|any|more|that|this|it|one|another|the rest|the same|a bit|a little)\b/.test(
    line,
  );

/** "Sprinkle water on the path": water and nothing else, wherever it goes; not what ran off a hutch. */
export const saysWatered = (line: string): boolean =>
  /\b(?:sprinkl|pour|tip|splash|mist|spray)\w* (?:(?:plain|cold|clean|cool|some|rain) )*water(?! (?:from|off|out|with|that|which|mixed|and))\b/.test(
    line,
  );

/** "Sow phacelia for the hoverflies": it is for them that it grows, and nothing else is done. */
export const saysSownFor = (line: string): boolean =>
  /^[^.;?!]*\b(?:sow|plant|grow)(?:n|s|ing|ed)?\b[^.,;?!]{0,50}\b(?:for|to (?:feed|bring|attract|draw))\s+(?:the |my |more |some )?[\p{L}-]+\s*[.?!]*$/u.test(
    line,
  );

/** Nothing is done: "leave the ladybirds on my beans alone". */
export const saysLetBe = (line: string): boolean =>
  /\bleav(?:e|ing)\b[^.;?!]{0,60}\balone\b|\bleav(?:e|ing) the \w+ (?:on|to|for)\b|\bi(?:'d|’d| would|'ll|’ll| will)? leave (?:the|them|those|these|my)\b|\bleav(?:e|ing)\b[^.;?!]{0,30}\bbe(?=[.?!]|$)|\bdo(?:ing)? nothing\b|\blet (?:them|it|(?:the|those|these|my) \w+) be\b|\blet\b[^.;?!]{0,50}\bstay\b|\b(?:just|simply|only) wait\b|\bi(?:'d|’d| would|'ll|’ll| will) wait\b/.test(
    line,
  );
