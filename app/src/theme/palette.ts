/**
 * Raw colours, then what each is for. Paper and ink with clay, moss, slate and ochre. Every text role
 * stands at AA or better on its ground (a test works the contrast out); amounts at AAA.
 */
const raw = {
  paper: '#F5EFE0',
  paperRaised: '#FFFBF1',
  paperDeep: '#E9E0CA',
  ink: '#23251E',
  inkSoft: '#54574A',
  clay: '#8F3B1F',
  clayPale: '#F3D9CB',
  moss: '#37552C',
  mossPale: '#DCE6CB',
  slate: '#3C4F5A',
  slatePale: '#D5DFE3',
  ochre: '#7A5200',
  ochrePale: '#F3E2B3',
  line: '#B9AE92',
  night: '#191B16',
  nightRaised: '#24271F',
  nightDeep: '#30342A',
  chalk: '#F1EBDB',
  chalkSoft: '#C3BEAC',
  clayLit: '#F0A487',
  clayDark: '#4A2416',
  mossLit: '#B4D19B',
  mossDark: '#2B3B22',
  slateLit: '#B5CBD6',
  slateDark: '#2A3840',
  ochreLit: '#F0C55E',
  ochreDark: '#46350C',
  lineDark: '#5C6051',
  white: '#FFFFFF',
  whiteDeep: '#F0F0E6',
  black: '#000000',
  blackSoft: '#1C1E17',
  mossDeep: '#17330D',
  mossBright: '#E2F2CF',
  ochreDeep: '#3B2700',
  ochreBright: '#FFEFB8',
  clayDeep: '#520F00',
  clayBright: '#FFE4D8',
  slateDeep: '#14262F',
  slateBright: '#E0EEF5',
} as const;

export interface Roles {
  readonly ground: string;
  readonly raised: string;
  readonly deep: string;
  readonly text: string;
  readonly softText: string;
  readonly line: string;
  /** What to press. */
  readonly act: string;
  readonly onAct: string;
  readonly good: string;
  readonly goodGround: string;
  readonly warn: string;
  readonly warnGround: string;
  readonly stop: string;
  readonly stopGround: string;
  readonly cool: string;
  readonly coolGround: string;
}

export const light: Roles = {
  ground: raw.paper,
  raised: raw.paperRaised,
  deep: raw.paperDeep,
  text: raw.ink,
  softText: raw.inkSoft,
  line: raw.line,
  act: raw.moss,
  onAct: raw.paperRaised,
  good: raw.moss,
  goodGround: raw.mossPale,
  warn: raw.ochre,
  warnGround: raw.ochrePale,
  stop: raw.clay,
  stopGround: raw.clayPale,
  cool: raw.slate,
  coolGround: raw.slatePale,
};

export const dark: Roles = {
  ground: raw.night,
  raised: raw.nightRaised,
  deep: raw.nightDeep,
  text: raw.chalk,
  softText: raw.chalkSoft,
  line: raw.lineDark,
  act: raw.mossLit,
  onAct: raw.night,
  good: raw.mossLit,
  goodGround: raw.mossDark,
  warn: raw.ochreLit,
  warnGround: raw.ochreDark,
  stop: raw.clayLit,
  stopGround: raw.clayDark,
  cool: raw.slateLit,
  coolGround: raw.slateDark,
};

/** In bright sun: black on white, every text at 10 to 1 or better, lines as dark as the text. */
export const sun: Roles = {
  ground: raw.white,
  raised: raw.white,
  deep: raw.whiteDeep,
  text: raw.black,
  softText: raw.blackSoft,
  line: raw.blackSoft,
  act: raw.mossDeep,
  onAct: raw.white,
  good: raw.mossDeep,
  goodGround: raw.mossBright,
  warn: raw.ochreDeep,
  warnGround: raw.ochreBright,
  stop: raw.clayDeep,
  stopGround: raw.clayBright,
  cool: raw.slateDeep,
  coolGround: raw.slateBright,
};
