import type { PracticeView } from '@trowel/core/contract';
import { dealPlant, type Deal } from '@trowel/core/practice';
import { rowById } from '@trowel/core/tables';
import { lowerFirst, monthName } from '@trowel/core/wording';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { useAct, usePractice } from '@/api/queries';
import { Plate } from '@/drawing/Plate';
import { settingWords } from '@/wording/places';
import { PlantFigure } from '@/drawing/plants';
import { useKnowledge } from '@/knowledge';
import { space, useRoles } from '@/theme/theme';
import { Page, Row, Sheet, useIsWide } from '@/ui/layout';
import { Loaded, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';

/** Practice: a drawn plant is dealt; buy checks with minutes, name the cause, see what was missed. */
export function PracticePage() {
  const query = usePractice();
  return (
    <Page wide>
      <Heading rank={1}>Practice</Heading>
      <Loaded query={query}>{(view) => <Round key={view.dealt} view={view} />}</Loaded>
    </Page>
  );
}

function Round({ view }: { view: PracticeView }) {
  const knowledge = useKnowledge();
  const deal = useMemo(
    () =>
      dealPlant(knowledge, {
        seed: view.dealt + 1,
        latitude: view.latitude,
        ...(view.next === null ? {} : { cause: view.next }),
      }),
    [knowledge, view],
  );
  return <Play view={view} deal={deal} />;
}

function Play({ view, deal }: { view: PracticeView; deal: Deal }) {
  const knowledge = useKnowledge();
  const [bought, setBought] = useState<readonly string[]>([]);
  const [chosen, setChosen] = useState<string>();
  const wide = useIsWide();
  const answerPractice = useAct('answerPractice');
  const minutes = deal.checks.filter(({ id }) => bought.includes(id)).reduce((sum, check) => sum + check.minutes, 0);
  const right = view.cards.reduce((sum, card) => sum + card.right, 0);
  // Sent only with "next", so that the answer stays in sight until then.
  const next = () => answerPractice.mutate({ body: { cause: deal.truth, answer: chosen ?? '', minutes } });
  return (
    <>
      <Small>{`${view.dealt} dealt, ${right} right, ${view.minutes} minutes spent on checks. What you miss comes back.`}</Small>
      <View
        style={{ flexDirection: wide ? 'row' : 'column', alignItems: wide ? 'flex-start' : 'stretch', gap: space.m }}
      >
        <View style={{ flex: wide ? 3 : undefined, gap: space.m }}>
          <Sheet>
            <Row>
              <PlantFigure id={deal.plant.id} size={88} />
              <Heading
                style={{ flexShrink: 1 }}
              >{`${deal.plant.name}, ${lowerFirst(settingWords[deal.setting])}, ${monthName(deal.month)}`}</Heading>
            </Row>
            <Signs ids={deal.shown.map(({ sign }) => sign)} />
          </Sheet>
          <Sheet tone="cool">
            <Heading rank={3}>{`Checks you can buy · ${minutes} min spent`}</Heading>
            {deal.checks.map(({ id, minutes: cost, says, finds }) => {
              const check = rowById(knowledge.checks, id, 'checks');
              const isBought = bought.includes(id);
              return (
                <View key={id} style={{ gap: 4 }}>
                  <Row wrap>
                    <Button
                      kind={isBought ? 'soft' : 'other'}
                      disabled={isBought || chosen !== undefined}
                      onPress={() => setBought([...bought, id])}
                    >
                      {`${check.name} · ${cost} min`}
                    </Button>
                    {isBought && <Body strong>{says}</Body>}
                  </Row>
                  {isBought && finds.some(({ state }) => state === 'seen') && (
                    <Signs ids={finds.filter(({ state }) => state === 'seen').map(({ sign }) => sign)} />
                  )}
                </View>
              );
            })}
            {deal.checks.length === 0 && <Body>No check helps here: what you see is what there is.</Body>}
          </Sheet>
        </View>
        <View style={{ flex: wide ? 2 : undefined, gap: space.m }}>
          <Heading>What is it?</Heading>
          <View style={{ gap: space.s }}>
            {deal.options.map(({ id, name }) => (
              <Button
                key={id}
                kind={chosen === id ? 'soft' : 'other'}
                tall
                disabled={chosen !== undefined && chosen !== id}
                onPress={() => setChosen(id)}
              >
                {name}
              </Button>
            ))}
          </View>
          {chosen !== undefined && <Answer deal={deal} chosen={chosen} bought={bought} />}
          {chosen !== undefined && (
            <Button kind="main" tall disabled={answerPractice.isPending} onPress={next}>
              Next plant
            </Button>
          )}
        </View>
      </View>
      {answerPractice.error && <Trouble error={answerPractice.error} again={next} />}
    </>
  );
}

function Signs({ ids }: { ids: readonly string[] }) {
  const knowledge = useKnowledge();
  const roles = useRoles();
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space.s }}>
      {ids.map((id) => {
        const sign = rowById(knowledge.signs, id, 'signs');
        return (
          <View key={id} style={{ width: 112, alignItems: 'center', gap: 4 }}>
            <Plate spec={sign.plate} size={104} />
            <Small strong style={{ textAlign: 'center', color: roles.text }}>
              {sign.name}
            </Small>
          </View>
        );
      })}
    </View>
  );
}

/** Right or not, why, and which telling signs nobody looked for. */
function Answer({ deal, chosen, bought }: { deal: Deal; chosen: string; bought: readonly string[] }) {
  const knowledge = useKnowledge();
  const truth = rowById(knowledge.causes, deal.truth, 'causes');
  const isRight = chosen === deal.truth;
  const known = new Set([
    ...deal.shown.map(({ sign }) => sign),
    ...deal.checks.filter(({ id }) => bought.includes(id)).flatMap(({ finds }) => finds.map(({ sign }) => sign)),
  ]);
  const missed = [...truth.signs]
    .filter(({ sign, strength }) => strength >= 0.5 && !known.has(sign))
    .sort((a, b) => b.strength - a.strength)
    .slice(0, 3);
  return (
    <Sheet tone={isRight ? 'good' : 'warn'}>
      <Heading rank={3}>{isRight ? `Right: ${truth.name}` : `It was ${truth.name}`}</Heading>
      <Body>{truth.plain}</Body>
      {truth.signs
        .filter(({ sign }) => deal.shown.some((item) => item.sign === sign))
        .map(({ sign, why }) => (
          <Body key={sign}>{`· ${rowById(knowledge.signs, sign, 'signs').name}: ${why}`}</Body>
        ))}
      {missed.length > 0 && (
        <>
          <Small strong>Not looked for, and worth it:</Small>
          <Signs ids={missed.map(({ sign }) => sign)} />
        </>
      )}
    </Sheet>
  );
}
