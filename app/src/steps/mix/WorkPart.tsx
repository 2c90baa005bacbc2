import { mixRequest, InputError, parseInput, type GardenView, type MixResponse } from '@trowel/core/contract';
import { benchTools, mix, type BenchTool } from '@trowel/core/mix';
import { knowledge } from '@trowel/knowledge';
import { useState } from 'react';
import { View } from 'react-native';
import { space } from '@/theme/theme';
import { Choices } from '@/ui/Choices';
import { Folded } from '@/ui/Folded';
import { Sheet, useIsWide } from '@/ui/layout';
import { Body, Heading, Small } from '@/ui/text';
import { usualEntries, valuesOf } from './formState';
import { nothingTyped, SpoonCheck, typedOrder, type SpoonTyped } from './SpoonCheck';
import { ToolForm } from './ToolForm';
import { WorkedView } from './WorkedView';

const groupNames: Record<BenchTool['group'], string> = {
  liquids: 'Liquids',
  feeds: 'Feeds and brews',
  ground: 'Beds and ground',
  helpers: 'Living helpers',
  money: 'Money',
};
const groups = Object.keys(groupNames) as BenchTool['group'][];

/** Every sum the bench can do, without a case: choose, fill in, read off. */
export function WorkPart({
  garden,
  toolId,
  choose,
}: {
  garden: GardenView;
  toolId: string | undefined;
  choose: (id: string) => void;
}) {
  const tool = benchTools.find(({ id }) => id === toolId);
  const wide = useIsWide();
  return (
    <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.l, alignItems: 'stretch' }}>
      <View style={{ flex: wide ? 2 : undefined, gap: space.m, minWidth: 0 }}>
        <Folded label="Another sum" chosen={tool?.id}>
          {(close) =>
            groups.map((group) => (
              <View key={group} style={{ gap: space.xs }}>
                <Small strong>{groupNames[group]}</Small>
                <Choices
                  of={benchTools.filter((candidate) => candidate.group === group)}
                  chosen={tool?.id}
                  choose={(id) => {
                    close();
                    choose(id);
                  }}
                />
              </View>
            ))
          }
        </Folded>
      </View>
      <View style={{ flex: wide ? 3 : undefined, gap: space.m, minWidth: 0 }}>
        {tool ? (
          <ToolSheet key={`${tool.id}-${garden.measures}`} tool={tool} garden={garden} />
        ) : (
          <Sheet tone="deep">
            <Body>Choose what is to be worked out. Nothing here needs a case, and nothing is written down.</Body>
          </Sheet>
        )}
      </View>
    </View>
  );
}

function ToolSheet({ tool, garden }: { tool: BenchTool; garden: GardenView }) {
  const [entries, setEntries] = useState(() => {
    const usual = usualEntries(tool.fields, garden.measures);
    // Hardness is known of this garden's tap.
    return 'hardness' in usual ? { ...usual, hardness: { text: String(garden.tapHardness), unit: 'mg/L' } } : usual;
  });
  const [typed, setTyped] = useState(nothingTyped);
  const answer = answerFor(tool, garden, valuesOf(tool.fields, entries), typed);
  return (
    <Sheet>
      <Heading>{tool.name}</Heading>
      <Small>{tool.plain}</Small>
      <ToolForm
        fields={tool.fields}
        entries={entries}
        system={garden.measures}
        change={(name, entry) => setEntries({ ...entries, [name]: entry })}
      />
      {typeof answer === 'string' ? (
        <Sheet tone="warn">
          <View role="alert">
            <Body strong>{answer}</Body>
          </View>
        </Sheet>
      ) : answer.kind === 'worked' ? (
        <>
          <WorkedView answer={answer} />
          <SpoonCheck first={answer.parts[0]} slip={answer.slip} typed={typed} setTyped={setTyped} />
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

/** The answer, or in words which field does not fit. */
function answerFor(
  tool: BenchTool,
  garden: GardenView,
  values: Record<string, unknown>,
  spoon: SpoonTyped,
): MixResponse | string {
  const typed = typedOrder(spoon);
  try {
    return mix(
      knowledge,
      parseInput(mixRequest, { tool: tool.id, values, measures: garden.measures, ...(typed ? { typed } : {}) }),
    );
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return error.problems
      .map(({ field, message }) => {
        const [, name = ''] = field.split('.');
        return `${tool.fields[name]?.label ?? field}: ${message}`;
      })
      .join('; ');
  }
}
