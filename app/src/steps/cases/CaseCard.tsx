import type { CaseSummary } from '@trowel/core/contract';
import { actionWords, chanceWords, fullDate, lowerFirst } from '@trowel/core/wording/everyday';
import { Link } from 'expo-router';
import { Pressable, View } from 'react-native';
import { Blade } from '@/drawing/Blade';
import { Tag } from '@/drawing/Tag';
import { space, useRoles } from '@/theme/theme';
import { Row } from '@/ui/layout';
import { PlantSpot } from '@/ui/PlantTile';
import { Body, Heading, Small } from '@/ui/text';
import { outcomeWords } from '@/wording/cases';

/** A second cause is named on the card from this chance on. */
const namedFrom = 0.4;

/** A case as a tag with its reading and how far that has been dug. */
export function CaseCard({ row }: { row: CaseSummary }) {
  const roles = useRoles();
  const [first, second] = row.leading;
  return (
    <Link href={`/cases/${row.id}`} asChild>
      <Pressable
        style={{
          flexDirection: 'row',
          gap: space.m,
          backgroundColor: roles.raised,
          borderColor: roles.line,
          borderWidth: 1,
          borderRadius: 6,
          padding: space.m,
        }}
      >
        {row.plant !== null && <PlantSpot plant={row.plant} size={72} />}
        <View style={{ flex: 1, gap: 4, minWidth: 0 }}>
          <Row>
            <Tag pattern={row.pattern} width={44} />
            <Heading rank={3} style={{ flexShrink: 1 }}>
              {row.name}
            </Heading>
          </Row>
          <Small>{`${row.bedName} · since ${fullDate(row.openedOn)}`}</Small>
          <Body>
            {first
              ? `${first.name}: ${chanceWords(first.probability)}${second && second.probability > namedFrom ? `, with ${lowerFirst(second.name)}` : ''}`
              : 'Nothing noted yet'}
          </Body>
          <Small strong>{statusWords(row)}</Small>
        </View>
        <Blade depth={row.depth} height={72} />
      </Pressable>
    </Link>
  );
}

function statusWords({ status, outcome, closedOn, jobs, verdict, action }: CaseSummary): string {
  if (status === 'closed')
    return `${outcomeWords[outcome ?? ''] ?? 'Closed'}${closedOn ? `, ${fullDate(closedOn)}` : ''}`;
  if (verdict) return `${jobs.join(', ')}: ${lowerFirst(verdict)}`;
  if (jobs.length > 0) return `Under way: ${jobs.join(', ')}`;
  return actionWords[action].title;
}
