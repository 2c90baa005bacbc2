import type { LogView, NotebookView } from '@trowel/core/contract';
import { fullDate } from '@trowel/core/wording/everyday';
import { useState } from 'react';
import { View } from 'react-native';
import { useLog } from '@/api/queries';
import { space } from '@/theme/theme';
import { Longer } from '@/ui/Longer';
import { LoadedPages } from '@/ui/states';
import { Row, Sheet } from '@/ui/layout';
import { Body, Heading, Small } from '@/ui/text';
import { TextLink } from '@/ui/TextLink';
import { Toggle } from '@/ui/Toggle';

type Entry = LogView['entries'][number];

/** By what the log can be sought. */
const facetNames = { bed: 'Place', plant: 'Plant', cause: 'Cause', remedy: 'Remedy' } as const;
type Facet = keyof typeof facetNames;
const facetIds = Object.keys(facetNames) as Facet[];

/** Everything that was done, day by day, sought by place, plant, cause and remedy. */
export function LogPart({ facets }: Pick<NotebookView, 'facets'>) {
  const [chosen, setChosen] = useState<Partial<Record<Facet, string>>>({});
  const [open, setOpen] = useState<Facet>();
  const query = useLog(chosen);
  const choose = (facet: Facet, id: string | undefined) => {
    const { [facet]: _, ...rest } = chosen;
    setChosen(id === undefined ? rest : { ...rest, [facet]: id });
    setOpen(undefined);
  };
  const nameOf = (facet: Facet) => facets[facet].find(({ id }) => id === chosen[facet])?.name;
  return (
    <View style={{ gap: space.s }}>
      <Heading>Everything that was done</Heading>
      <Row wrap>
        {facetIds
          .filter((facet) => facets[facet].length > 1)
          .map((facet) => (
            <Toggle key={facet} expanded={open === facet} onPress={() => setOpen(open === facet ? undefined : facet)}>
              {chosen[facet] === undefined ? facetNames[facet] : `${facetNames[facet]}: ${nameOf(facet)}`}
            </Toggle>
          ))}
      </Row>
      {open !== undefined && (
        <Sheet tone="deep">
          <Row wrap>
            <Toggle pressed={chosen[open] === undefined} onPress={() => choose(open, undefined)}>
              All
            </Toggle>
            {facets[open].map(({ id, name }) => (
              <Toggle key={id} pressed={chosen[open] === id} onPress={() => choose(open, id)}>
                {name}
              </Toggle>
            ))}
          </Row>
        </Sheet>
      )}
      <LoadedPages query={query}>
        {(pages) => {
          const days = byDay(pages.flatMap(({ entries }) => entries));
          if (days.length === 0) return <Body soft>Nothing of that stands in the log.</Body>;
          return days.map(({ on, entries }) => (
            <View key={on} style={{ gap: 2 }}>
              <Small strong>{fullDate(on)}</Small>
              {entries.map(({ id, says, caseId, about, device }) => (
                <View key={id} style={{ paddingLeft: space.s }}>
                  <Longer small>{device === null ? says : `${says} · on ${device}`}</Longer>
                  {about.caseName !== null && caseId !== null && (
                    <TextLink href={`/cases/${caseId}`}>{[about.caseName, ...about.beds].join(' · ')}</TextLink>
                  )}
                </View>
              ))}
            </View>
          ));
        }}
      </LoadedPages>
    </View>
  );
}

function byDay(entries: readonly Entry[]): { on: string; entries: Entry[] }[] {
  const days = new Map<string, Entry[]>();
  for (const entry of entries) days.set(entry.on, [...(days.get(entry.on) ?? []), entry]);
  return [...days].map(([on, of]) => ({ on, entries: of }));
}
