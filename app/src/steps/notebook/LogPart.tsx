import type { NotebookView } from '@trowel/core/contract';
import { fullDate } from '@trowel/core/wording/everyday';
import { Link } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Row, Sheet } from '@/ui/layout';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';

type Entry = NotebookView['log'][number];

/** By what the log can be sought, and what a line has of it. */
const facets = {
  bed: { name: 'Place', of: ({ about }: Entry) => about.beds },
  plant: { name: 'Plant', of: ({ about }: Entry) => about.plants },
  cause: { name: 'Cause', of: ({ about }: Entry) => (about.cause === null ? [] : [about.cause]) },
  remedy: { name: 'Remedy', of: ({ about }: Entry) => (about.remedy === null ? [] : [about.remedy]) },
} as const;
type Facet = keyof typeof facets;
const facetIds = Object.keys(facets) as Facet[];

/** Lines at first, and so many more at a tap. */
const page = 40;

/** Everything that was done, day by day, sought by place, plant, cause and remedy. */
export function LogPart({ log }: { log: NotebookView['log'] }) {
  const [chosen, setChosen] = useState<Partial<Record<Facet, string>>>({});
  const [open, setOpen] = useState<Facet>();
  const [shown, setShown] = useState(page);
  const found = log.filter((entry) =>
    facetIds.every((facet) => chosen[facet] === undefined || facets[facet].of(entry).includes(chosen[facet])),
  );
  const choose = (facet: Facet, name: string | undefined) => {
    const { [facet]: _, ...rest } = chosen;
    setChosen(name === undefined ? rest : { ...rest, [facet]: name });
    setOpen(undefined);
    setShown(page);
  };
  const names = (facet: Facet) => [...new Set(log.flatMap(facets[facet].of))].sort((a, b) => a.localeCompare(b));
  return (
    <View style={{ gap: space.s }}>
      <Heading>Everything that was done</Heading>
      <Row wrap>
        {facetIds
          .filter((facet) => names(facet).length > 1)
          .map((facet) => (
            <Toggle key={facet} expanded={open === facet} onPress={() => setOpen(open === facet ? undefined : facet)}>
              {chosen[facet] === undefined ? facets[facet].name : `${facets[facet].name}: ${chosen[facet]}`}
            </Toggle>
          ))}
      </Row>
      {open !== undefined && (
        <Sheet tone="deep">
          <Row wrap>
            <Toggle pressed={chosen[open] === undefined} onPress={() => choose(open, undefined)}>
              All
            </Toggle>
            {names(open).map((name) => (
              <Toggle key={name} pressed={chosen[open] === name} onPress={() => choose(open, name)}>
                {name}
              </Toggle>
            ))}
          </Row>
        </Sheet>
      )}
      {found.length === 0 && <Body soft>Nothing of that stands in the log.</Body>}
      {byDay(found.slice(0, shown)).map(({ on, entries }) => (
        <View key={on} style={{ gap: 2 }}>
          <Small strong>{fullDate(on)}</Small>
          {entries.map(({ id, says, caseId, about }) => (
            <View key={id} style={{ paddingLeft: space.s }}>
              <Small>{says}</Small>
              {about.caseName !== null && caseId !== null && (
                <Link href={`/cases/${caseId}`}>
                  <Small style={{ textDecorationLine: 'underline' }}>
                    {[about.caseName, ...about.beds].join(' · ')}
                  </Small>
                </Link>
              )}
            </View>
          ))}
        </View>
      ))}
      {found.length > shown && (
        <Row>
          <Button onPress={() => setShown(shown + page)}>Show earlier</Button>
        </Row>
      )}
    </View>
  );
}

function byDay(entries: readonly Entry[]): { on: string; entries: Entry[] }[] {
  const days = new Map<string, Entry[]>();
  for (const entry of entries) days.set(entry.on, [...(days.get(entry.on) ?? []), entry]);
  return [...days].map(([on, of]) => ({ on, entries: of }));
}
