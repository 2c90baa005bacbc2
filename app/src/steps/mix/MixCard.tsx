import type { GardenView, Mixed, MixOrder, MixResponse } from '@trowel/core/contract';
import { costOf, mix } from '@trowel/core/mix';
import type { MeasureSystem } from '@trowel/core/measures';
import type { RemedyRow } from '@trowel/core/tables';
import { knowledge } from '@trowel/knowledge';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { SegmentedButtons } from 'react-native-paper';
import { useCommand } from '@/api/queries';
import { Jug, Sprayer } from '@/drawing/Amounts';
import { space } from '@/theme/theme';
import { Field } from '@/ui/Field';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { ReadFirst } from '@/ui/ReadFirst';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { nothingTyped, SpoonCheck, typedOrder, type SpoonTyped } from './SpoonCheck';
import { StepByStep } from './StepByStep';
import { VesselChoice } from './VesselChoice';
import { Part } from './WorkedView';

type Water = 'tap' | 'butt';

interface MixCardProps {
  readonly remedy: RemedyRow;
  readonly garden: GardenView;
  readonly strength?: number;
  readonly plants?: readonly string[];
  readonly nearby?: readonly string[];
}

/** How much of what: spoons and fill line, what hard water takes, cautions, and the working a tap away. */
export function MixCard({ remedy, garden, strength, plants = [], nearby = [] }: MixCardProps) {
  const [amount, setAmount] = useState(
    remedy.recipe?.kind === 'bait' ? '100' : String(usualBatch[garden.measures].amount),
  );
  const unit = remedy.recipe?.kind === 'bait' ? 'mL' : usualBatch[garden.measures].unit;
  const [water, setWater] = useState<Water>('tap');
  const [typed, setTyped] = useState(nothingTyped);
  const [vesselId, setVessel] = useState<string>();
  const vessel = garden.vessels.find(({ id }) => id === vesselId);
  const command = useCommand();
  const tell = useNotice();
  const wanted = Number(amount.replace(',', '.'));
  const usesSoap = remedy.recipe?.kind === 'percent-volume' && remedy.recipe.hardWaterBinds === true;
  const answer = mixed(
    remedy,
    wanted,
    unit,
    garden,
    strength,
    plants,
    nearby,
    usesSoap ? (water === 'tap' ? garden.tapHardness : garden.buttHardness) : undefined,
    typedOrder(typed),
    vessel?.classes,
  );
  const sprayers = garden.vessels.filter(({ kind }) => kind === 'sprayer' || kind === 'can');
  return (
    <View style={{ gap: space.m }}>
      <Row wrap>
        <Field
          label={`Ready mix, ${unit}`}
          says={`Ready mix wanted, in ${unit}`}
          value={amount}
          change={setAmount}
          numeric
          width={150}
        />
        {usesSoap && (
          <View style={{ minWidth: 230, flex: 1 }}>
            <SegmentedButtons
              value={water}
              onValueChange={(next) => setWater(next === 'butt' ? 'butt' : 'tap')}
              buttons={[
                { value: 'tap', label: 'Tap water' },
                { value: 'butt', label: 'Water butt' },
              ]}
            />
          </View>
        )}
      </Row>
      <VesselChoice vessels={sprayers} chosen={vesselId} choose={setVessel} />
      {answer.kind === 'not-a-number' ? (
        <Sheet tone="warn">
          <Body>{answer.says}</Body>
        </Sheet>
      ) : answer.kind === 'mix' ? (
        <Answer
          answer={answer}
          typed={typed}
          setTyped={setTyped}
          total={wanted}
          garden={garden}
          {...(vessel ? { vesselMl: vessel.volumeMl } : {})}
        >
          <Heading rank={3}>Read, then mix</Heading>
          <ReadFirst
            key={remedy.id}
            cautions={answer.cautions}
            label={vessel ? `Mixed, in ${vessel.name}` : 'Mixed it'}
            done={(acknowledged) =>
              command.mutate(
                {
                  path: '/mixes',
                  body: {
                    remedy: remedy.id,
                    volumeMl: answer.totalMl,
                    plants: [...plants],
                    acknowledged,
                    ...(strength === undefined ? {} : { strength }),
                    ...(vesselId === undefined ? {} : { vesselId }),
                  },
                },
                {
                  onSuccess: ({ id }) =>
                    tell({
                      says: `${remedy.name}: noted${garden.cupboard.length > 0 ? ', and taken from the cupboard' : ''}.`,
                      undo: () =>
                        command.mutate(
                          { path: `/mixes/${id}/take-back` },
                          { onSuccess: () => tell({ says: `${remedy.name}: taken back.` }) },
                        ),
                    }),
                },
              )
            }
          />
          {command.isError && <Trouble error={command.error} />}
        </Answer>
      ) : (
        <Sheet tone="stop">
          <Heading rank={3}>Not like this</Heading>
          <Body>{'says' in answer ? answer.says : ''}</Body>
        </Sheet>
      )}
    </View>
  );
}

/** A small sprayer, in the gardener's own measure. */
const usualBatch: Record<MeasureSystem, { amount: number; unit: string }> = {
  metric: { amount: 1.5, unit: 'L' },
  us: { amount: 2, unit: 'qt' },
  imperial: { amount: 3, unit: 'pt' },
  australian: { amount: 1.5, unit: 'L' },
};

type Answered = MixResponse | { readonly kind: 'not-a-number'; readonly says: string };

function mixed(
  remedy: RemedyRow,
  amount: number,
  unit: string,
  garden: GardenView,
  strength: number | undefined,
  plants: readonly string[],
  nearby: readonly string[],
  hardness: number | undefined,
  typed: MixOrder['typed'],
  vesselHeld: readonly string[] | undefined,
): Answered {
  if (!(amount > 0)) return { kind: 'not-a-number', says: 'How much ready mix is wanted? Write a number above zero.' };
  if (amount > 200)
    return unit === 'mL' && amount <= 5000
      ? run()
      : { kind: 'not-a-number', says: 'That is more than one evening needs. Mix only what is used at once.' };
  return run();

  function run(): MixResponse {
    return mix(knowledge, {
      remedy: remedy.id,
      volume: { amount, unit },
      measures: garden.measures,
      plants: [...plants],
      nearby: [...new Set(nearby)],
      ...(strength === undefined ? {} : { strength }),
      ...(hardness === undefined ? {} : { water: { hardness } }),
      ...(typed === undefined ? {} : { typed }),
      ...(vesselHeld === undefined ? {} : { vesselHeld: [...vesselHeld] }),
    });
  }
}

/** A card for a recipe of one's own, or why it will not. */
export function MixAnswer({ answer }: { answer: MixResponse }) {
  if (answer.kind === 'mix')
    return (
      <>
        <Measures answer={answer} />
        {answer.cautions.map(({ level, says }) => (
          <Sheet key={says} tone={level === 'note' ? 'deep' : 'stop'}>
            <Body strong={level !== 'note'}>{says}</Body>
          </Sheet>
        ))}
        {answer.honest && <Small>{answer.honest}</Small>}
      </>
    );
  return (
    <Sheet tone="stop">
      <Body strong>{'says' in answer ? answer.says : ''}</Body>
    </Sheet>
  );
}

/** Before, what to wear, putting it on, afterwards, limits: the card can be followed by itself. */
function CardLines({ card }: { card: NonNullable<Mixed['card']> }) {
  const blocks = [
    ['Before', card.before],
    ['Put it on', card.putOn],
    ['Afterwards', card.after],
    ['Limits', card.limits],
  ] as const;
  return (
    <View style={{ gap: space.m }}>
      {card.wear.length > 0 && <Body strong>{`Wear ${card.wear.join(', ')}.`}</Body>}
      {blocks.map(([title, lines]) =>
        lines.length === 0 ? null : (
          <View key={title} style={{ gap: 2 }}>
            <Heading rank={3}>{title}</Heading>
            {lines.map((words) => (
              <Body key={words}>{`· ${words.replace(/\.$/, '')}.`}</Body>
            ))}
          </View>
        ),
      )}
      <Body strong>{card.expect}</Body>
    </View>
  );
}

/** Jug or sprayer, spoons, and the order of work. */
function Measures({ answer, vesselMl }: { answer: Mixed; vesselMl?: number }) {
  return (
    <>
      <Row gap={space.l} wrap style={{ alignItems: 'flex-end' }}>
        {vesselMl === undefined ? (
          <Jug share={answer.water.ml / Math.max(answer.totalMl, 1)} says={answer.water.says} />
        ) : (
          <Sprayer waterShare={answer.water.ml / vesselMl} share={answer.totalMl / vesselMl} says={answer.water.says} />
        )}
        {answer.parts.map((part) => (
          <Part key={part.ingredient} part={part} />
        ))}
      </Row>
      <StepByStep steps={answer.order} />
    </>
  );
}

function Answer({
  answer,
  typed,
  setTyped,
  total,
  garden,
  vesselMl,
  children,
}: {
  answer: Mixed;
  /** What is read and noted once it is mixed; it stands above the long part of the card. */
  children: ReactNode;
  garden: GardenView;
  vesselMl?: number;
  total: number;
  typed: SpoonTyped;
  setTyped: (typed: SpoonTyped) => void;
}) {
  const [open, setOpen] = useState(false);
  const price = costOf(answer.parts, garden.cupboard);
  return (
    <>
      <Measures answer={answer} {...(vesselMl === undefined ? {} : { vesselMl })} />
      {price !== undefined && (
        <Small>{`Costs about ${price.toFixed(2)}, ${((price / answer.totalMl) * 1000).toFixed(2)} a litre.`}</Small>
      )}
      {answer.hardWater && (
        <Sheet tone={answer.hardWater.shareLost.high > 0.2 ? 'warn' : 'good'}>
          <Body>{answer.hardWater.says}</Body>
          {answer.hardWater.extra && (
            <Small>{`With this water, up to ${answer.hardWater.extra.spoons} more (${answer.hardWater.extra.ml} mL) gives the same effect.`}</Small>
          )}
        </Sheet>
      )}
      {answer.cautions
        .filter(({ level }) => level === 'note')
        .map(({ says }) => (
          <Sheet key={says} tone="deep">
            <Body>{says}</Body>
          </Sheet>
        ))}
      {children}
      {answer.card && <CardLines card={answer.card} />}
      <SpoonCheck first={answer.parts[0]} slip={answer.slip} typed={typed} setTyped={setTyped} />
      <Row>
        <Toggle expanded={open} onPress={() => setOpen(!open)}>
          {open ? 'Close the working' : 'How it was worked out'}
        </Toggle>
      </Row>
      {open && (
        <View>
          <Small>{`For ${total} of ready mix, strength ${answer.strength}.`}</Small>
          {answer.working.map(({ what, how, value }) => (
            <Body key={what}>{`${what}: ${how} = ${value}`}</Body>
          ))}
          {answer.honest && <Small>{answer.honest}</Small>}
        </View>
      )}
    </>
  );
}
