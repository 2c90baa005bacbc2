import {
  InputError,
  parseInput,
  recipeDocument,
  type BenchView,
  type GardenView,
  type RecipeDocument,
} from '@trowel/core/contract';
import { checkRecipe, mixOwn, recipeOf } from '@trowel/core/mix';
import { readNumber, toSi, usualUnit } from '@trowel/core/measures';
import { knowledge } from '@trowel/knowledge';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { useCommand } from '@/api/queries';
import { space } from '@/theme/theme';
import { Field } from '@/ui/Field';
import { Row, Sheet, useIsWide } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Empty, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { MixAnswer } from './MixCard';

type Own = BenchView['recipes'][number];
interface Draft {
  readonly id?: string;
  readonly document: RecipeDocument;
}

const withRecipe = knowledge.remedies.filter(({ recipe }) => recipe && recipe.kind !== 'bait');

/** Recipes of one's own: begun from a known one, changed within its limits, mixed, sent on as a file, taken in. */
export function RecipesPart({ bench, garden }: { bench: BenchView; garden: GardenView }) {
  const wide = useIsWide();
  const [draft, setDraft] = useState<Draft>();
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
          <Editor key={draft.id ?? draft.document.name} draft={draft} close={() => setDraft(undefined)} />
        ) : (
          <Sheet>
            <Heading>Begin from</Heading>
            <Row wrap>
              {withRecipe.map(({ id, name }) => (
                <Toggle key={id} onPress={() => setDraft({ document: recipeOf(knowledge, id) })}>
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
  const command = useCommand();
  const tell = useNotice();
  const [open, setOpen] = useState(false);
  const unit = usualUnit('volume', garden.measures);
  const [amount, setAmount] = useState('1.5');
  const ml = toSi('volume', readNumber(amount) ?? 0, unit, garden.measures) ?? 0;
  const remove = () =>
    command.mutate(
      { path: `/recipes/${own.id}/delete` },
      {
        onSuccess: () =>
          tell({
            says: `“${own.document.name}” is gone.`,
            undo: () => command.mutate({ path: '/recipes', body: { document: own.document } }),
          }),
      },
    );
  const answer = open && ml > 0 ? mixOwn(knowledge, own.document, ml, garden.measures) : undefined;
  return (
    <Sheet>
      <Heading rank={3}>{own.document.name}</Heading>
      <Small>
        {own.document.parts
          .map(({ ingredient, amount: much, unit: per }) => `${much} ${per} ${nameOf(ingredient)}`)
          .join(', ')}
      </Small>
      <Row wrap>
        <Toggle expanded={open} onPress={() => setOpen(!open)}>
          Mix it
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
      {open && (
        <Field
          label={`Ready mix, ${unit}`}
          says={`Ready mix wanted, in ${unit}`}
          value={amount}
          change={setAmount}
          numeric
          width={150}
        />
      )}
      {answer && <MixAnswer answer={answer} />}
      {command.isError && <Trouble error={command.error} />}
    </Sheet>
  );
}

const nameOf = (word: string) => knowledge.ingredients.find(({ id }) => id === word)?.name.toLowerCase() ?? word;

function Editor({ draft, close }: { draft: Draft; close: () => void }) {
  const command = useCommand();
  const tell = useNotice();
  const [document, setDocument] = useState(draft.document);
  const [texts, setTexts] = useState(document.parts.map(({ amount }) => String(amount)));
  const [adding, setAdding] = useState('');
  const set = (change: Partial<RecipeDocument>) => setDocument({ ...document, ...change });
  const problem = problemOf(document);
  const save = () =>
    command.mutate(
      { path: draft.id === undefined ? '/recipes' : `/recipes/${draft.id}`, body: { document } },
      {
        onSuccess: () => {
          tell({ says: `“${document.name}” is saved.` });
          close();
        },
      },
    );
  return (
    <Sheet>
      <Heading>{draft.id === undefined ? 'A recipe of your own' : 'Change it'}</Heading>
      <Field label="Name" says="Name of the recipe" value={document.name} change={(name) => set({ name })} />
      {document.parts.map((part, at) => (
        <Row key={part.ingredient} wrap>
          <Field
            label={part.unit}
            says={`${nameOf(part.ingredient)}, in ${part.unit}`}
            value={texts[at] ?? ''}
            change={(text) => {
              setTexts(texts.map((other, index) => (index === at ? text : other)));
              const amount = readNumber(text);
              if (amount !== undefined && amount > 0)
                set({ parts: document.parts.map((other, index) => (index === at ? { ...other, amount } : other)) });
            }}
            numeric
            width={120}
          />
          <Body strong style={{ flex: 1 }}>
            {nameOf(part.ingredient)}
          </Body>
          {document.parts.length > 1 && (
            <Toggle
              label={`Leave out ${nameOf(part.ingredient)}`}
              onPress={() => {
                set({ parts: document.parts.filter((_, index) => index !== at) });
                setTexts(texts.filter((_, index) => index !== at));
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
          mode="outlined"
          contentStyle={{ minHeight: 48 }}
          disabled={adding.trim() === ''}
          onPress={() => {
            set({ parts: [...document.parts, { ingredient: adding.trim(), amount: 1, unit: 'mL/L' }] });
            setTexts([...texts, '1']);
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
          mode="contained"
          contentStyle={{ minHeight: 48 }}
          disabled={problem?.isStop === true || command.isPending}
          onPress={save}
        >
          Save
        </Button>
        <Button contentStyle={{ minHeight: 48 }} onPress={close}>
          Leave it
        </Button>
      </Row>
      {command.isError && <Trouble error={command.error} />}
    </Sheet>
  );
}

/** What keeps a draft from being saved, or what it should mind; undefined when nothing does. */
function problemOf(document: RecipeDocument): { says: string; isStop: boolean } | undefined {
  try {
    const clean = parseInput(recipeDocument, {
      ...document,
      steps: document.steps.filter((step) => step.trim() !== ''),
    });
    const [first] = checkRecipe(knowledge, clean);
    return first && { says: `${first.says} ${first.instead ?? ''}`.trim(), isStop: first.level === 'stop' };
  } catch (error) {
    if (error instanceof InputError) return { says: error.message, isStop: true };
    throw error;
  }
}

/** A recipe from somebody else: read whole before anything is kept. */
function TakeIn({ open }: { open: (document: RecipeDocument) => void }) {
  const [text, setText] = useState('');
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
        <Button mode="outlined" contentStyle={{ minHeight: 48 }} disabled={text.trim() === ''} onPress={take}>
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
