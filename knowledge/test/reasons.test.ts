import { mindChangers, lookAlikes, weigh, type Evidence, type Situation } from '@trowel/core/weigh';
import { readLine } from '@trowel/core/read';
import { knowledge } from '../src/reader';
import { vignettes } from './vignettes';

/** Every ninth telling: enough kinds of case, and each is weighed several times over. */
const situations: readonly (readonly [string, Situation])[] = vignettes
  .filter(({ of }, index) => of !== 'conditions' && index % 9 === 0)
  .map(({ tells, plant, setting, month }) => {
    const row = knowledge.plants.find(({ id }) => id === plant);
    const { understood } = readLine(knowledge, tells, {
      ...(row ? { plant: row.id } : {}),
      ...(setting ? { setting } : {}),
    });
    const evidence: Evidence[] = understood.map(({ sign, state, amount }) => ({
      sign,
      state,
      ...(amount === undefined ? {} : { amount }),
    }));
    return [
      tells,
      { evidence, month, latitude: 52, ...(row ? { plant: row.id } : {}), ...(setting ? { setting } : {}) },
    ] as const;
  });

const logOdds = (chance: number) => Math.log(chance / (1 - chance));
const chanceOf = (situation: Situation, cause: string) =>
  weigh(knowledge, situation, { withChecks: false, withReasons: false }).causes.find(({ id }) => id === cause)
    ?.probability;

describe('reasons hold when they are tried', () => {
  test.each(situations)('%s', (_, situation) => {
    const whole = weigh(knowledge, situation);
    const [leader] = whole.causes;
    expect(leader).toBeDefined();
    if (!leader) return;

    // What a sign is said to add is what goes missing without it. A sign that hides a more general one is left out.
    for (const { sign, weight } of [...leader.because, ...leader.against]) {
      const without = { ...situation, evidence: situation.evidence.filter((item) => item.sign !== sign) };
      const before = chanceOf(without, leader.id);
      const uncovers =
        weigh(knowledge, without, { withChecks: false, withReasons: false }).covered.length !== whole.covered.length;
      if (before === undefined || uncovers) continue;
      expect(weight).toBeCloseTo(logOdds(leader.probability) - logOdds(before), 6);
    }

    // What would change the mind does so when it is seen, or looked for in vain; drawn worlds are good to a few hundredths.
    for (const { sign, state, from, to } of mindChangers(knowledge, situation, whole)) {
      const after = chanceOf({ ...situation, evidence: [...situation.evidence, { sign, state }] }, leader.id) ?? 0;
      expect(from).toBeCloseTo(leader.probability, 9);
      expect(after).toBeLessThan(from);
      expect(Math.abs(after - to)).toBeLessThan(0.2);
    }

    // Questions come best first, none that has been answered, none that gains nothing.
    const gains = whole.nextChecks.map(({ perMinute }) => perMinute);
    expect(gains).toEqual([...gains].sort((a, b) => b - a));
    for (const { id, gain, minutes } of whole.nextChecks) {
      expect(gain).toBeGreaterThan(0);
      expect(minutes).toBe(knowledge.checks.find((row) => row.id === id)?.minutes);
    }
    const [first] = whole.nextChecks;
    if (first)
      expect(weigh(knowledge, { ...situation, checksDone: [first.id] }).nextChecks.map(({ id }) => id)).not.toContain(
        first.id,
      );

    // A sign that parts two look-alikes speaks for the one that it is said to.
    const pair = lookAlikes(knowledge, whole, situation);
    const apart = pair?.parts.find(({ looked }) => !looked);
    if (pair && apart) {
      const ratio = (evidence: readonly Evidence[]) => {
        const { causes } = weigh(knowledge, { ...situation, evidence }, { withChecks: false, withReasons: false });
        const of = (id: string) => logOdds(causes.find((row) => row.id === id)?.probability ?? 0.001);
        return of(pair.a.id) - of(pair.b.id);
      };
      const moved = ratio([...situation.evidence, { sign: apart.sign, state: 'seen' }]) - ratio(situation.evidence);
      expect(apart.speaksFor === 'a' ? moved : -moved).toBeGreaterThan(0);
    }
  });
});
