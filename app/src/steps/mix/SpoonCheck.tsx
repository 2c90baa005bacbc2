import type { MixPart, RemedyOrder } from '@trowel/core/contract';
import { isMetric, readNumber, type MeasureSystem } from '@trowel/core/quantities';
import { lowerFirst } from '@trowel/core/wording';
import { View } from 'react-native';
import { SegmentedButtons } from 'react-native-paper';
import { space } from '@/theme/theme';
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
        <View style={{ minWidth: 220, flex: 1 }}>
          <SegmentedButtons
            value={typed.spoon}
            onValueChange={(spoon) => setTyped({ ...typed, spoon: spoons.find((one) => one === spoon) ?? 'tsp' })}
            buttons={spoons.map((value) => ({ value, label: spoonLabels[value] }))}
          />
        </View>
      </Row>
      {typedOrder(typed) && (
        <Sheet tone={slip ? 'stop' : 'good'}>
          <Body strong>{slip ? slip.says : 'That is right.'}</Body>
        </Sheet>
      )}
    </View>
  );
}
