import { InputError, type GardenView, type MixResponse } from '@trowel/core/contract';
import { fillText, type Fill } from '@trowel/core/find';
import { answerOrder } from '@trowel/core/headless';
import { benchTools, type BenchTool } from '@trowel/core/mix';
import { fieldWords, toolWords } from '@trowel/core/wording';
import { knowledge } from '@trowel/knowledge';
import { useState } from 'react';
import { View } from 'react-native';
import { space } from '@/theme/theme';
import { Choices } from '@/ui/Choices';
import { Folded } from '@/ui/Folded';
import { Sheet, useIsWide } from '@/ui/layout';
import { typedFor } from '@/ui/quantity';
import { Body, Heading, Small } from '@/ui/text';
import { useFormDraft } from '@/ui/useFormDraft';
import { groupNames } from '@/wording/bench';
import { saidEntries, usualEntries, valuesOf } from './formState';
import { nothingTyped, SpoonCheck, typedOrder, type SpoonTyped } from './SpoonCheck';
import { ToolForm, type ToolEntries } from './ToolForm';
import { WorkedView } from './WorkedView';

const groups = Object.keys(groupNames) as BenchTool['group'][];
const named = benchTools.map(({ id, group }) => ({ id, group, name: toolWords(id).name }));

/** Every sum the bench can do, without a case: choose, fill in, read off. */
export function WorkPart({
  garden,
  toolId,
  fill,
  choose,
}: {
  garden: GardenView;
  toolId: string | undefined;
  fill: Fill;
  choose: (id: string) => void;
}) {
  const tool = benchTools.find(({ id }) => id === toolId);
  const wide = useIsWide();
  const [opened, setGroup] = useState<BenchTool['group']>();
  const group = opened ?? tool?.group;
  return (
    <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.l, alignItems: 'stretch' }}>
      <View style={{ flex: wide ? 2 : undefined, gap: space.m, minWidth: 0 }}>
        <Folded label="Another sum" chosen={tool?.id}>
          {(close) => (
            <>
              <Choices
                of={groups.map((id) => ({ id, name: groupNames[id] }))}
                chosen={group}
                choose={(id) => setGroup(id)}
              />
              {group && (
                <View role="group" aria-label={groupNames[group]}>
                  <Choices
                    of={named.filter((candidate) => candidate.group === group)}
                    chosen={tool?.id}
                    choose={(id) => {
                      close();
                      choose(id);
                    }}
                  />
                </View>
              )}
            </>
          )}
        </Folded>
      </View>
      <View style={{ flex: wide ? 3 : undefined, gap: space.m, minWidth: 0 }}>
        {tool ? (
          <ToolSheet
            key={`${tool.id}-${garden.measures}-${fillText(fill)}`}
            tool={tool}
            garden={garden}
            values={fill.values}
          />
        ) : (
          <Sheet tone="deep">
            <Body>Choose what is to be worked out. Nothing here needs a case, and nothing is written down.</Body>
          </Sheet>
        )}
      </View>
    </View>
  );
}

function ToolSheet({ tool, garden, values }: { tool: BenchTool; garden: GardenView; values: Fill['values'] }) {
  const { measures } = garden;
  const { control, values: entries } = useFormDraft<ToolEntries>(
    // What was said to find it stands before what stood in it before.
    `tool-${tool.id}${JSON.stringify(values ?? {})}`,
    openingEntries(tool, garden, values),
  );
  const [typed, setTyped] = useState(nothingTyped);
  const answer = answerFor(tool, garden, valuesOf(tool.fields, entries), typed);
  const { name, plain } = toolWords(tool.id);
  return (
    <Sheet>
      <Heading>{name}</Heading>
      <Small>{plain}</Small>
      <ToolForm tool={tool.id} fields={tool.fields} control={control} entries={entries} system={measures} />
      {typeof answer === 'string' ? (
        <Sheet tone="warn">
          <View role="alert">
            <Body strong>{answer}</Body>
          </View>
        </Sheet>
      ) : answer.kind === 'worked' ? (
        <>
          <WorkedView answer={answer} />
          <SpoonCheck first={answer.parts[0]} slip={answer.slip} typed={typed} setTyped={setTyped} system={measures} />
        </>
      ) : (
        <Sheet tone="stop">
          <View role="alert" style={{ gap: space.xs }}>
            <Heading rank={3}>Not like this</Heading>
            <Body>{'says' in answer ? answer.says : ''}</Body>
          </View>
        </Sheet>
      )}
    </Sheet>
  );
}

/** What was said, else usual amounts; the hardness is that of this garden's tap. */
function openingEntries(
  { fields }: BenchTool,
  { measures, tapHardness }: GardenView,
  said: Fill['values'] = {},
): ToolEntries {
  const usual = usualEntries(fields, measures);
  return {
    ...usual,
    ...('hardness' in usual ? { hardness: typedFor('hardness', tapHardness, measures) } : {}),
    ...saidEntries(fields, said, measures),
  };
}

/** The answer, or in words which field does not fit. */
function answerFor(
  tool: BenchTool,
  { measures }: GardenView,
  values: Record<string, unknown>,
  spoon: SpoonTyped,
): MixResponse | string {
  const typed = typedOrder(spoon);
  try {
    return answerOrder(knowledge, { way: 'tool', tool: tool.id, values, measures, ...(typed ? { typed } : {}) });
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return error.problems
      .map(({ field, message }) => `${fieldWords(tool.id, field.split('.')[1] ?? '').label}: ${message}`)
      .join('; ');
  }
}
