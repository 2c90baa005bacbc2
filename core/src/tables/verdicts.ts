export const verdicts = ['solved', 'on-the-way', 'too-early', 'no-change', 'worse', 'plant-harmed'] as const;
export type Verdict = (typeof verdicts)[number];

/**
 * What lies behind a verdict: as it should be · fewer, but less than it should by now, and early · less than it should,
 * and late · fell and came back · held back, yet more than before · fell as much where nothing was done · did worse
 * than what was left alone · no effect where one should show · more than before · cannot be told.
 */
export const findings = [
  'as-it-should',
  'slow',
  'weak',
  'came-back',
  'outgrown',
  'by-itself',
  'better-left',
  'no-effect',
  'more',
  'open',
] as const;
export type Finding = (typeof findings)[number];

/** What can have been missed in putting something on. */
export const doingFaults = ['undersides', 'places', 'hour', 'water', 'rain'] as const;
export type DoingFault = (typeof doingFaults)[number];

/**
 * How a trial of a remedy ended: it worked · it did not · it hurt the plant · what it was for went by itself · too
 * little is known.
 */
export const trialEnds = ['worked', 'failed', 'harmed', 'by-itself', 'open'] as const;
export type TrialEnd = (typeof trialEnds)[number];
