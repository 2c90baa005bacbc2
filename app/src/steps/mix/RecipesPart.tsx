import {
  InputError,
  parseInput,
  recipeDocument,
  type BenchView,
  type GardenView,
  type RecipeDocument,
} from '@trowel/core/contract';
import { answerOrder } from '@trowel/core/headless';
import { ownRow } from '@trowel/core/jobs';
import { checkRecipe, recipeOf } from '@trowel/core/mix';
import { inBaseUnit, inWords, spokenIn, type MeasureSystem } from '@trowel/core/quantities';
import { cautionLine, lowerFirst, ownRecipeName } from '@trowel/core/wording';
import { knowledge } from '@trowel/knowledge';
import { useState } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import { useDraft, useDraftOf } from '@/api/drafts';
import { Button } from '@/ui/Button';
import { useMeasures } from '@/api/measures';
import { useAct } from '@/api/queries';
import { space } from '@/theme/theme';
import { Field } from '@/ui/Field';
import { Row, Sheet, useIsWide } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { guessFor, readTyped, useQuantity, type Typed } from '@/ui/quantity';
import { QuantityField } from '@/ui/QuantityField';
import { Empty, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { PlanJob } from '@/steps/job/PlanJob';
import { MixAnswer } from './MixCard';

type Own = BenchView['recipes'][number];
interface Draft {
  readonly id?: string | undefined;
  readonly document: RecipeDocument;
}

/** As it is while it is written: what is wrong with it is told beside it, not here. */
const draftShape = z
  .object({
    id: z.string().optional(),
    document: z.custom<RecipeDocument>((value) => unfinished.safeParse(value).success),
  })
  .nullable();
const unfinished = z.looseObject({
  name: z.string(),
  parts: z.array(z.looseObject({ ingredient: z.string(), amount: z.number(), unit: z.string() })),
  steps: z.array(z.string()),
});

const withRecipe = knowledge.remedies.filter(({ recipe }) => recipe && recipe.kind !== 'bait');

/** Recipes of one's own: begun from a known one, changed within its limits, mixed, sent on as a file, taken in. */
export function RecipesPart({ bench, garden }: { bench: BenchView; garden: GardenView }) {
  const wide = useIsWide();
  const [draft, setDraft] = useDraftOf<Draft | null>('recipe', draftShape, null);
  return (
    <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.l, alignItems: 'stretch' }}>
      <View style={{ flex: wide ? 1 : undefined, gap: space.m, minWidth: 0 }}>
        {bench.recipes.length === 0 && (
          <Empty title="No recipes of your own">
            <Body>
              Begin from a known one and change it. It stays within the same limits, and says so when it would not.
            </Body>
          </Empty>
        )}
        {bench.recipes.map((own) => (
          <OwnCard key={own.id} own={own} garden={garden} change={() => setDraft(own)} />
        ))}
        <TakeIn open={(document) => setDraft({ document })} />
      </View>
      <View style={{ flex: wide ? 1 : undefined, gap: space.m, minWidth: 0 }}>
        {draft ? (
          <Editor key={draft.id ?? 'new'} draft={draft} keep={setDraft} close={() => setDraft(null)} />
        ) : (
          <Sheet>
            <Heading>Begin from</Heading>
            <Row wrap>
              {withRecipe.map(({ id, name }) => (
                <Toggle
                  key={id}
                  onPress={() => setDraft({ document: { ...recipeOf(knowledge, id), name: ownRecipeName({ name }) } })}
                >
                  {name}
                </Toggle>
              ))}
            </Row>
          </Sheet>
        )}
      </View>
    </View>
  );
}

function OwnCard({ own, garden, change }: { own: Own; garden: GardenView; change: () => void }) {
  const deleteRecipe = useAct('deleteRecipe');
  const saveRecipe = useAct('saveRecipe');
  const tell = useNotice();
  const [open, setOpen] = useState(false);
  const [planning, setPlanning] = useState(false);
  const { measures } = garden;
  const ready = useQuantity(`recipe-${own.id}`, 'volume', 1500, measures);
  const remove = () =>
    deleteRecipe.mutate(
      { id: own.id },
      {
        onSuccess: () =>
          tell({
            says: `“${own.document.name}” is gone.`,
            undo: () => saveRecipe.mutate({ body: { document: own.document } }),
          }),
      },
    );
  const answer =
    open && ready.base !== undefined && ready.base > 0
      ? answerOrder(knowledge, {
          way: 'own',
          recipe: own.document,
          volume: { amount: ready.base, unit: 'mL' },
          measures,
        })
      : undefined;
  const error = deleteRecipe.error ?? saveRecipe.error;
  return (
    <Sheet>
      <Heading rank={3}>{own.document.name}</Heading>
      <Small>
        {own.document.parts.map((part) => `${rateWords(part, measures)} ${nameOf(part.ingredient)}`).join(', ')}
      </Small>
      <Row wrap>
        <Toggle expanded={open} onPress={() => setOpen(!open)}>
          Mix it
        </Toggle>
        <Toggle expanded={planning} onPress={() => setPlanning(!planning)} label={`Plan it: ${own.document.name}`}>
          Plan it
        </Toggle>
        <Toggle onPress={change} label={`Change ${own.document.name}`}>
          Change
        </Toggle>
        <Toggle onPress={() => saveFile(own.document)} label={`Save ${own.document.name} as a file`}>
          As a file
        </Toggle>
        <Toggle onPress={remove} label={`Delete ${own.document.name}`}>
          Delete
        </Toggle>
      </Row>
      {(open || planning) && (
        <Row wrap>
          <QuantityField label="Ready mix wanted" {...ready.field} />
        </Row>
      )}
      {answer && <MixAnswer answer={answer} />}
      {planning && (
        <PlanJob
          what={{
            remedy: ownRow(knowledge, own.document),
            recipeId: own.id,
            setting: { volumeMl: ready.base ?? null },
          }}
          garden={garden}
        />
      )}
      {error && <Trouble error={error} />}
    </Sheet>
  );
}

type RecipePart = RecipeDocument['parts'][number];

const nameOf = (word: string) => lowerFirst(knowledge.ingredients.find(({ id }) => id === word)?.name ?? word);
const kindOf = ({ unit }: Pick<RecipePart, 'unit'>) => (unit === 'mL/L' ? 'volume/volume' : 'mass/volume');
const rateWords = (part: RecipePart, measures: MeasureSystem) =>
  inWords(inBaseUnit(kindOf(part), part.amount), measures);

/** @param keep what is written so far, until it is saved or left: a reload loses nothing */
function Editor({ draft, keep, close }: { draft: Draft; keep: (draft: Draft) => void; close: () => void }) {
  const saveRecipe = useAct('saveRecipe');
  const changeRecipe = useAct('changeRecipe');
  const tell = useNotice();
  const measures = useMeasures();
  const { document } = draft;
  const [rates, setRates] = useState<readonly Typed[]>(() =>
    draft.document.parts.map((part) => guessFor(kindOf(part), part.amount, measures)),
  );
  const [adding, setAdding] = useDraft('search:part');
  const set = (change: Partial<RecipeDocument>) => keep({ ...draft, document: { ...document, ...change } });
  const problem = problemOf(document, measures);
  const whenSaved = {
    onSuccess: () => {
      tell({ says: `“${document.name}” is saved.` });
      close();
    },
  };
  const save = () =>
    draft.id === undefined
      ? saveRecipe.mutate({ body: { document } }, whenSaved)
      : changeRecipe.mutate({ id: draft.id, body: { document } }, whenSaved);
  const changeRate = (at: number, typed: Typed) => {
    setRates(rates.map((other, index) => (index === at ? typed : other)));
    const part = document.parts[at];
    const read = part && readTyped(typed, kindOf(part), measures);
    if (read?.kind === 'read' && read.quantity.amount > 0)
      set({
        parts: document.parts.map((other, index) =>
          index === at ? { ...other, amount: Number(read.quantity.amount.toFixed(3)) } : other,
        ),
      });
  };
  const error = saveRecipe.error ?? changeRecipe.error;
  return (
    <Sheet>
      <Heading>{draft.id === undefined ? 'A recipe of your own' : 'Change it'}</Heading>
      <Field label="Name" says="Name of the recipe" value={document.name} change={(name) => set({ name })} />
      {document.parts.map((part, at) => (
        <Row key={part.ingredient} wrap>
          <QuantityField
            label={`How much ${nameOf(part.ingredient)}`}
            kind={kindOf(part)}
            system={measures}
            typed={rates[at] ?? guessFor(kindOf(part), part.amount, measures)}
            change={(typed) => changeRate(at, typed)}
          />
          {document.parts.length > 1 && (
            <Toggle
              label={`Leave out ${nameOf(part.ingredient)}`}
              onPress={() => {
                set({ parts: document.parts.filter((_, index) => index !== at) });
                setRates(rates.filter((_, index) => index !== at));
              }}
            >
              Leave out
            </Toggle>
          )}
        </Row>
      ))}
      <Row wrap>
        <Field label="Add" says="Add an ingredient" value={adding} change={setAdding} least={150} />
        <Button
          kind="other"
          disabled={adding.trim() === ''}
          onPress={() => {
            set({ parts: [...document.parts, { ingredient: adding.trim(), amount: 1, unit: 'mL/L' }] });
            setRates([...rates, guessFor('volume/volume', 1, measures)]);
            setAdding('');
          }}
        >
          Add it
        </Button>
      </Row>
      <Field
        label="Steps, one a line"
        value={document.steps.join('\n')}
        change={(text) =>
          set({ steps: text.split('\n').filter((step, at, all) => step.trim() !== '' || at === all.length - 1) })
        }
        lines={3}
      />
      {problem && (
        <Sheet tone={problem.isStop ? 'stop' : 'warn'}>
          <View role="alert">
            <Body strong>{problem.says}</Body>
          </View>
        </Sheet>
      )}
      <Row wrap>
        <Button
          kind="main"
          disabled={problem?.isStop === true || saveRecipe.isPending || changeRecipe.isPending}
          onPress={save}
        >
          Save
        </Button>
        <Button onPress={close}>Leave it</Button>
      </Row>
      {error && <Trouble error={error} />}
    </Sheet>
  );
}

/** What keeps a draft from being saved, or what it should mind; undefined when nothing does. */
function problemOf(document: RecipeDocument, measures: MeasureSystem): { says: string; isStop: boolean } | undefined {
  try {
    const clean = parseInput(recipeDocument, {
      ...document,
      steps: document.steps.filter((step) => step.trim() !== ''),
    });
    const [first] = checkRecipe(knowledge, clean);
    return (
      first && { says: cautionLine(spokenIn(knowledge, measures), first, measures), isStop: first.level === 'stop' }
    );
  } catch (error) {
    if (error instanceof InputError) return { says: error.message, isStop: true };
    throw error;
  }
}

/** A recipe from somebody else: read whole before anything is kept. */
function TakeIn({ open }: { open: (document: RecipeDocument) => void }) {
  const [text, setText] = useDraft('recipe-text');
  const [trouble, setTrouble] = useState<string>();
  const take = () => {
    try {
      open(parseInput(recipeDocument, JSON.parse(text)));
      setText('');
      setTrouble(undefined);
    } catch (error) {
      setTrouble(error instanceof InputError ? error.message : `This is no recipe file: ${(error as Error).message}`);
    }
  };
  return (
    <Sheet tone="deep">
      <Heading rank={3}>Take a recipe in</Heading>
      <Field label="Paste the file’s text" says="Paste a recipe file’s text" value={text} change={setText} lines={3} />
      <Row>
        <Button kind="other" disabled={text.trim() === ''} onPress={take}>
          Read it
        </Button>
      </Row>
      {trouble && (
        <View role="alert">
          <Body strong>{trouble}</Body>
        </View>
      )}
    </Sheet>
  );
}

function saveFile(recipe: RecipeDocument): void {
  const url = URL.createObjectURL(new Blob([JSON.stringify(recipe, null, 2)], { type: 'application/json' }));
  const link = Object.assign(globalThis.document.createElement('a'), {
    href: url,
    download: `${recipe.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.json`,
  });
  link.click();
  URL.revokeObjectURL(url);
}
