/**
 * What a plate shows, as parameters. A plate is a base (a leaf, a root, a lawn …) with marks laid over
 * it; the drawing code owns what each looks like, so a new sign needs a row here and no drawing of its
 * own unless it shows something that no mark can.
 */

/** What the drawing of a sign starts from. */
export const plateBases = [
  'leaf',
  'leaf-under',
  'lobed-leaf',
  'long-leaf',
  'fern-frond',
  'shoot',
  'stem',
  'trunk',
  'flower',
  'fruit',
  'apple',
  'berry',
  'pod',
  'cucumber',
  'carrot',
  'potato',
  'bulb',
  'cabbage',
  'seedling',
  'pot',
  'soil',
  'profile',
  'root',
  'lawn',
  'turf',
  'water',
  'insect',
  'weed',
  'bed',
  'care',
] as const;
export type PlateBase = (typeof plateBases)[number];

/** Colour roles of the drawings. */
export const tones = [
  'white',
  'black',
  'brown',
  'tan',
  'orange',
  'rust',
  'yellow',
  'pale',
  'green',
  'dark',
  'grey',
  'red',
  'pink',
  'purple',
  'silver',
  'clear',
  'blue',
] as const;
export type Tone = (typeof tones)[number];

/** A creature from parts: body, colours, legs and what it wears. */
export interface CreatureSpec {
  readonly body: 'oval' | 'round' | 'long' | 'shield' | 'wedge' | 'worm' | 'grub' | 'looper' | 'fly' | 'moth' | 'wasp';
  readonly tone: Tone;
  /** Pairs of legs drawn. */
  readonly legs?: number;
  /** Pairs of stumpy legs along a caterpillar's belly. */
  readonly stumps?: number;
  readonly pattern?: 'stripes' | 'bands' | 'spots' | 'collar' | 'saddle' | 'hairs' | 'spines' | 'shine' | 'waist';
  readonly accent?: Tone;
  readonly head?: Tone;
  readonly horn?: true;
  readonly jaws?: true;
  readonly snout?: true;
}

export type Mark =
  /** A drawing of its own, by name. */
  | string
  | {
      readonly draw: 'spots';
      readonly tone: Tone;
      readonly halo?: Tone;
      readonly centre?: Tone;
      readonly count?: number;
      readonly size?: number;
      readonly shape?: 'round' | 'angular' | 'rings' | 'blotch' | 'long' | 'feathered' | 'raised';
      readonly at?: 'all' | 'edge' | 'low' | 'tip' | 'vein' | 'half';
    }
  | {
      readonly draw: 'edge';
      readonly tone: Tone;
      readonly from?: 'all' | 'tip' | 'side';
      readonly wide?: true;
      readonly before?: Tone;
    }
  | { readonly draw: 'between-veins'; readonly tone: Tone; readonly specks?: Tone }
  | { readonly draw: 'veins'; readonly tone: Tone }
  | { readonly draw: 'mosaic'; readonly tone: Tone }
  | { readonly draw: 'lines'; readonly tone: Tone; readonly kind: 'rings' | 'streaks' | 'oak' | 'cracks' }
  | {
      readonly draw: 'holes';
      readonly kind: 'ragged' | 'round' | 'notches' | 'windows' | 'ribs' | 'lace' | 'half-moons' | 'torn';
    }
  | { readonly draw: 'trail'; readonly kind: 'winding' | 'blotch' | 'tunnel'; readonly tone: Tone }
  | { readonly draw: 'fur'; readonly tone: Tone; readonly at?: 'all' | 'low' | 'edge' }
  | { readonly draw: 'pustules'; readonly tone: Tone; readonly smear?: true }
  | { readonly draw: 'wool'; readonly at: 'joints' | 'bark' | 'roots' | 'under' }
  | { readonly draw: 'bumps'; readonly tone: Tone; readonly kind: 'scales' | 'warts' | 'blisters' | 'nails' | 'felt' }
  | { readonly draw: 'ooze'; readonly tone: Tone; readonly kind: 'drops' | 'froth' | 'gum' | 'thread' }
  | { readonly draw: 'dust'; readonly tone: Tone }
  | {
      readonly draw: 'creature';
      readonly of: CreatureSpec;
      readonly count?: number;
      readonly size?: number;
      readonly at?: 'middle' | 'under' | 'low' | 'strewn';
    }
  | {
      readonly draw: 'eggs';
      readonly tone: Tone;
      readonly kind: 'upright' | 'round' | 'barrels' | 'raft' | 'stalked' | 'cocoons';
    }
  | {
      readonly draw: 'fungus';
      readonly kind: 'bracket' | 'toadstools' | 'threads' | 'pimples' | 'laces';
      readonly tone: Tone;
    }
  | {
      readonly draw: 'form';
      readonly kind:
        | 'roll-up'
        | 'tube'
        | 'straps'
        | 'pucker'
        | 'tiny-leaves'
        | 'lanky'
        | 'lean'
        | 'crook'
        | 'big-buds'
        | 'broom'
        | 'dieback'
        | 'fall'
        | 'one-side'
        | 'bolt'
        | 'many'
        | 'blind';
      readonly tone?: Tone;
    }
  | {
      readonly draw: 'gnaw';
      readonly kind: 'slant' | 'torn' | 'ring' | 'pecked' | 'gone' | 'dug' | 'fray' | 'cut-low' | 'hollow';
    }
  | {
      readonly draw: 'wood';
      readonly kind:
        | 'canker'
        | 'holes'
        | 'd-holes'
        | 'split'
        | 'cone'
        | 'string'
        | 'lichen'
        | 'cut-ring'
        | 'buried'
        | 'stain'
        | 'heart';
    }
  | {
      readonly draw: 'roots';
      readonly kind:
        | 'beads'
        | 'fingers'
        | 'nodules'
        | 'tunnels'
        | 'fork'
        | 'circling'
        | 'scabs'
        | 'rot'
        | 'lice'
        | 'green'
        | 'heart'
        | 'cavity';
    }
  | {
      readonly draw: 'turf';
      readonly kind:
        | 'patch'
        | 'lift'
        | 'ring'
        | 'coins'
        | 'threads'
        | 'frayed'
        | 'moss'
        | 'casts'
        | 'pecked'
        | 'thatch'
        | 'hill'
        | 'dog'
        | 'even'
        | 'fairy'
        | 'mat';
    }
  | {
      readonly draw: 'ground';
      readonly kind:
        | 'grains'
        | 'crumbs'
        | 'mottles'
        | 'hole'
        | 'ring'
        | 'ribbon'
        | 'falls-apart'
        | 'jar-sand'
        | 'jar-clay'
        | 'gaps'
        | 'runs'
        | 'scrape'
        | 'worms'
        | 'no-worms'
        | 'froth';
    }
  | {
      readonly draw: 'fruit';
      readonly kind:
        | 'maggot'
        | 'eye-hole'
        | 'scars'
        | 'zip'
        | 'shoulders'
        | 'pits'
        | 'small-drop'
        | 'odd'
        | 'rings'
        | 'few'
        | 'hollow'
        | 'brown-buds'
        | 'bristly-bud'
        | 'dead-cluster'
        | 'smut-cob'
        | 'black-eye'
        | 'flower-drop'
        | 'rough';
    }
  | {
      readonly draw: 'icon';
      readonly of:
        | 'sun'
        | 'moon'
        | 'drops'
        | 'wind'
        | 'snow'
        | 'lamp'
        | 'dark'
        | 'box'
        | 'spray'
        | 'bale'
        | 'turn'
        | 'can'
        | 'dust'
        | 'tree'
        | 'tap'
        | 'bag'
        | 'spade'
        | 'mower'
        | 'clock'
        | 'hail'
        | 'bottle'
        | 'lab'
        | 'window'
        | 'cut-short'
        | 'trowel'
        | 'paw';
      readonly tone?: Tone;
      readonly word?: string;
    };

/** A drawn weed from parts. */
export interface WeedDrawing {
  readonly habit: 'rosette' | 'upright' | 'creeping' | 'climbing' | 'tuft' | 'mat' | 'runner';
  readonly leaf:
    | 'round'
    | 'oval'
    | 'lance'
    | 'toothed'
    | 'lobed'
    | 'feather'
    | 'three'
    | 'grass'
    | 'arrow'
    | 'heart'
    | 'spiny'
    | 'needle'
    | 'fan'
    | 'scale';
  readonly flower:
    'daisy' | 'button' | 'umbel' | 'spike' | 'pea' | 'cross' | 'bell' | 'star' | 'thistle' | 'plume' | 'none';
  readonly tone: Tone;
  readonly leafTone?: 'green' | 'dark' | 'pale' | 'grey' | 'red';
}

export interface PlateSpec {
  readonly base: PlateBase;
  readonly marks: readonly Mark[];
  readonly tint?: 'healthy' | 'pale' | 'dark' | 'yellow' | 'purple' | 'dull' | 'brown';
  /** A small plant beside it whose lit leaf says which leaves are meant. */
  readonly which?: 'old' | 'new' | 'middle';
  readonly weed?: WeedDrawing;
}
