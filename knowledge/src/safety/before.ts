import type { SafetyRule } from '@trowel/core/tables';
import { guideline } from './build';

/** What was there before, and what is picked soon. */
export const before: readonly SafetyRule[] = [
  guideline(
    'sprayer-soap-living',
    'stop',
    { things: ['living'], before: { class: 'soap', where: 'tank', days: 10_000 } },
    'This sprayer held soap: it kills what is alive.',
    'Wash it three times, or take another.',
  ),
  guideline(
    'sprayer-peroxide-living',
    'stop',
    { things: ['living'], before: { class: 'peroxide', where: 'tank', days: 10_000 } },
    'This sprayer held peroxide: it kills what is alive.',
    'Wash it three times, or take another.',
  ),
  guideline(
    'sprayer-herbicide',
    'stop',
    { before: { class: 'herbicide', where: 'tank', days: 10_000 } },
    'A sprayer that held weedkiller cripples plants, washed or not.',
    'Keep it for weedkiller alone.',
  ),
  guideline(
    'sprayer-bleach-acid',
    'stop',
    { things: ['acid'], before: { class: 'bleach', where: 'tank', days: 10_000 } },
    'This vessel held bleach: with acid it gives chlorine.',
    'Wash it three times, or take another.',
  ),
  guideline(
    'bed-peroxide-living',
    'caution',
    { things: ['living'], before: { class: 'peroxide', where: 'bed', days: 7 } },
    'Peroxide went on this bed within the week: it kills what is alive.',
    'Leave seven days either way.',
  ),
  guideline(
    'bed-living-peroxide',
    'caution',
    { things: ['peroxide'], before: { class: 'living', where: 'bed', days: 7 } },
    'Something alive went on this bed within the week: peroxide kills it.',
    'Leave seven days either way.',
  ),
  guideline(
    'plant-oil-sulphur',
    'stop',
    { things: ['sulphur'], before: { class: 'oil', where: 'plant', days: 14 } },
    'Oil went on this plant within two weeks: sulphur on it burns.',
    'Leave 14 to 30 days.',
  ),
  guideline(
    'plant-sulphur-oil',
    'stop',
    { things: ['oil'], before: { class: 'sulphur', where: 'plant', days: 14 } },
    'Sulphur went on this plant within two weeks: oil on it burns.',
    'Leave 14 to 30 days.',
  ),
  guideline(
    'starch-brew-harvest',
    'stop',
    { things: ['starch-brew'], harvestWithin: 120 },
    'Starch- or sugar-fed brews wait like raw manure: 120 days before harvest where it touches soil, 90 where not.',
    'Use it on beds with nothing to eat, or after the harvest.',
  ),
  guideline(
    'ferment-harvest',
    'stop',
    { things: ['ferment'], harvestWithin: 14 },
    'No brew in the last 14 days before harvest.',
    'Plain water until then.',
  ),
  guideline(
    'manure-harvest',
    'stop',
    { things: ['manure'], harvestWithin: 120 },
    'Raw manure waits 120 days before harvest where it touches soil, 90 where not.',
    'Well-rotted compost.',
  ),
  guideline(
    'insecticide-harvest',
    'caution',
    { things: ['insecticide'], harvestWithin: 7 },
    'Its label names a wait before harvest.',
    'Read it; pick first, treat after.',
  ),
];
