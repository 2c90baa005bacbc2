import type { SafetyRule } from '@trowel/core/tables';
import { guideline } from './build';

/** Strengths on labels. */
export const strengths: readonly SafetyRule[] = [
  guideline(
    'peroxide-12',
    'stop',
    { over: { class: 'peroxide', percent: 12 } },
    'Peroxide above 12 % burns skin and eyes and feeds fires; in many places it is not sold to the public.',
    'A 3 % bottle.',
  ),
  guideline(
    'peroxide-6',
    'caution',
    { over: { class: 'peroxide', percent: 6 } },
    'Peroxide of 6–12 % whitens and burns skin: gloves and goggles.',
    'A 3 % bottle.',
  ),
  guideline(
    'acid-10',
    'stop',
    { over: { class: 'acid', percent: 10 } },
    'Acid above 10 % injures eyes and skin.',
    'Kitchen vinegar of 5 %, for shells; for weeds a hoe.',
  ),
  guideline(
    'acid-6',
    'stop',
    { over: { class: 'acid', percent: 6 } },
    'No recipe here takes vinegar above 6 %.',
    'Kitchen vinegar of 5 %.',
  ),
  guideline(
    'acid-weeds',
    'stop',
    { things: ['acid'], facts: ['as-weedkiller'] },
    'Vinegar scorches leaves, roots grow on, and near roots it kills what you want to keep.',
    'Hoe, lift by the root, or cover.',
  ),
  guideline(
    'bleach-6',
    'caution',
    { over: { class: 'bleach', percent: 6 } },
    'This bleach is stronger than household bleach.',
    'Thin by its label before any use.',
  ),
];
