/** Cautions that have been minded already where all of these hold: then they are only noted. */
import type { SceneFact } from '@trowel/core/tables';

export const met: Readonly<Record<string, readonly SceneFact[]>> = {
  'lime-sulphur-care': ['goggled', 'gloved'],
  'borate-care': ['closed-station'],
  detergent: ['on-tools'],
  chemical: ['on-tools', 'gloved'],
  'alcohol-care': ['on-swab'],
  'pepper-eyes': ['goggled'],
  'pregnant-cats': ['gloved'],
  'dust-care': ['masked'],
  'copper-care': ['bare-branches'],
  'pyrethrin-care': ['by-label'],
  'manure-crop': ['waits-long'],
  'roof-water': ['on-soil'],
  'mulch-on-stem': ['clear-of-stem'],
  'ash-asthma': ['masked'],
  'peroxide-6': ['gloved', 'goggled'],
  'glue-band-birds': ['under-glass'],
};
