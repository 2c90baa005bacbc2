import type { MixPart, RemedyOrder } from '@trowel/core/contract';
import { isMetric, readNumber, type MeasureSystem } from '@trowel/core/quantities';
import { lowerFirst } from '@trowel/core/wording';
import { View } from 'react-native';
import { space } from '@/theme/theme';
import { Choices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Row, Sheet } from '@/ui/layout';
import { Body, Small } from '@/ui/text';

type Spoon = NonNullable<RemedyOrder['typed']>['spoon'];

/** What somebody says they are about to measure. */
export interface SpoonTyped {
  readonly count: string;
  readonly spoon: Spoon;
}
export const nothingTyped: SpoonTyped = { count: '', spoon: 'tsp' };

/** As the core wants it; undefined while nothing is typed. */
export function typedOrder({ count, spoon }: SpoonTyped): RemedyOrder['typed'] {
  const number = readNumber(count);
  return number === undefined || number <= 0 ? undefined : { count: number, spoon };
}

const spoonLabels: Readonly<Record<Spoon, string>> = { tsp: 'tea', tbsp: 'TABLE', cup: 'cup', mL: 'mL' };

interface SpoonCheckProps {
  /** The first thing to measure; powders are weighed, and so not asked about. */
  readonly first: MixPart | undefined;
  readonly slip: { readonly says: string } | undefined;
  readonly typed: SpoonTyped;
  readonly setTyped: (typed: SpoonTyped) => void;
  readonly system: MeasureSystem;
}

/** What are you about to measure? Catches a tablespoon meant for a teaspoon before it is poured. */
export function SpoonCheck({ first, slip, typed, setTyped, system }: SpoonCheckProps) {
  if (!first || first.grams !== undefined) return null;
  const spoons: readonly Spoon[] = ['tsp', 'tbsp', isMetric(system) ? 'mL' : 'cup'];
  return (
    <View style={{ gap: space.s }}>
      <Small strong>{`About to measure the ${lowerFirst(first.name)}? Check your spoon:`}</Small>
      <Row wrap>
        <Field
          label="How many"
          says="How many spoons"
          value={typed.count}
          change={(count) => setTyped({ ...typed, count })}
          width={110}
        />
        <Choices
          of={spoons.map((id) => ({ id, name: spoonLabels[id] }))}
          chosen={typed.spoon}
          choose={(spoon) => setTyped({ ...typed, spoon })}
        />
      </Row>
      {typedOrder(typed) && (
        <Sheet tone={slip ? 'stop' : 'good'}>
          <Body strong>{slip ? slip.says : 'That is right.'}</Body>
        </Sheet>
      )}
    </View>
  );
}
