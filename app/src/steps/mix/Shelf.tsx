import { ingredientNamed } from '@trowel/core/judge';
import type { BenchView } from '@trowel/core/contract';
import { levelIn } from '@trowel/core/mix';
import { inBaseUnit, inWords, mL, readNumber, type MeasureSystem } from '@trowel/core/quantities';
import { lowerFirst, moneyWords } from '@trowel/core/wording';
import { Controller } from 'react-hook-form';
import { View } from 'react-native';
import { useMeasures } from '@/api/measures';
import { useAct } from '@/api/queries';
import { useKnowledge } from '@/knowledge';
import { Pack } from '@/drawing/Vessels';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Row, Sheet } from '@/ui/layout';
import { NumberField } from '@/ui/NumberField';
import { useNotice } from '@/ui/notice';
import { baseOf, guessFor, type Typed } from '@/ui/quantity';
import { QuantityField } from '@/ui/QuantityField';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { useFormDraft } from '@/ui/useFormDraft';
import { Toggle } from '@/ui/Toggle';

type Kept = BenchView['cupboard'][number];

/** Amounts of the cupboard as they are read: liquids by volume, powders by weight. */
const amountWords = (amount: number, unit: Kept['unit'], system: MeasureSystem): string =>
  inWords(unit === 'mL' ? mL(amount) : inBaseUnit('mass', amount), system);

/** What stands in the cupboard, with what is to be bought and what goes out. */
export function Shelf({ bench }: { bench: BenchView }) {
  const keep = useAct('keepIngredient');
  const drop = useAct('dropIngredient');
  const tell = useNotice();
  const measures = useMeasures();
  const takeOut = (row: Kept) =>
    drop.mutate(
      { id: row.ingredient },
      {
        onSuccess: () =>
          tell({
            says: `${row.name} is out of the cupboard.`,
            undo: () => {
              const { name: _name, ...body } = row;
              keep.mutate({ body });
            },
          }),
      },
    );
  const error = keep.error ?? drop.error;
  return (
    <Sheet>
      <Heading>Cupboard</Heading>
      {bench.cupboard.length === 0 && (
        <Body soft>Nothing noted. What stands here is chosen from first, and priced.</Body>
      )}
      {bench.cupboard.map((row) => (
        <Row key={row.ingredient} style={{ justifyContent: 'space-between' }}>
          <Pack isPowder={row.unit === 'g'} level={levelIn(row.amount, row.packSize)} />
          <View style={{ flex: 1, minWidth: 0 }}>
            <Body strong>{row.name}</Body>
            <Small>{keptWords(row, measures)}</Small>
          </View>
          <Row>
            <Toggle
              pressed={row.wanted}
              label={`Buy ${lowerFirst(row.name)}`}
              onPress={() => keep.mutate({ body: { ingredient: row.ingredient, wanted: !row.wanted } })}
            >
              Buy
            </Toggle>
            <Toggle label={`Take ${lowerFirst(row.name)} out`} onPress={() => takeOut(row)}>
              Out
            </Toggle>
          </Row>
        </Row>
      ))}
      <PutIn key={measures} measures={measures} />
      {error && <Trouble error={error} />}
    </Sheet>
  );
}

function keptWords({ amount, unit, wanted, percent, packSize, packPrice }: Kept, measures: MeasureSystem): string {
  return [
    amount === null ? (wanted ? 'none yet' : 'some') : amountWords(amount, unit, measures),
    percent === null ? '' : `${percent} %`,
    packSize !== null && packPrice !== null
      ? `${moneyWords(packPrice)} for ${amountWords(packSize, unit, measures)}`
      : '',
  ]
    .filter((words) => words !== '')
    .join(' · ');
}

interface PutInForm {
  readonly name: string;
  readonly amount: Typed;
  readonly pack: Typed;
  readonly price: string;
}

function PutIn({ measures }: { measures: MeasureSystem }) {
  const keep = useAct('keepIngredient');
  const tell = useNotice();
  const tables = useKnowledge();
  const empty: PutInForm = {
    name: '',
    amount: guessFor('volume', undefined, measures),
    pack: guessFor('volume', undefined, measures),
    price: '',
  };
  const { control, reset, values: typed } = useFormDraft<PutInForm>('cupboard', empty);
  const { name, amount, pack, price } = typed;
  // A powder is weighed, whatever its field began with.
  const isPowder = ingredientNamed(tables, name)?.form === 'powder';
  const kind = isPowder ? 'mass' : 'volume';
  const own = (typed: Typed): Typed => (isPowder && typed.text === '' ? guessFor('mass', undefined, measures) : typed);
  const values = {
    amount: baseOf(own(amount), kind, measures),
    packSize: baseOf(own(pack), kind, measures),
    packPrice: readNumber(price),
  };
  const given = Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined));
  const put = () =>
    keep.mutate(
      { body: { ingredient: name.trim(), wanted: false, ...given } },
      {
        onSuccess: () => {
          tell({ says: `${name.trim()}: in the cupboard.` });
          reset();
        },
      },
    );
  return (
    <>
      <Controller
        control={control}
        name="name"
        render={({ field }) => (
          <Field label="What" says="What goes into the cupboard" value={field.value} change={field.onChange} />
        )}
      />
      <Row wrap style={{ alignItems: 'flex-start' }}>
        {(
          [
            ['amount', 'How much'],
            ['pack', 'A pack holds'],
          ] as const
        ).map(([of, label]) => (
          <Controller
            key={of}
            control={control}
            name={of}
            render={({ field }) => (
              <QuantityField
                label={label}
                kind={kind}
                system={measures}
                typed={own(field.value)}
                change={field.onChange}
                optional
              />
            )}
          />
        ))}
        <Controller
          control={control}
          name="price"
          render={({ field }) => (
            <NumberField label="A pack costs" value={field.value} change={field.onChange} optional />
          )}
        />
      </Row>
      <Row>
        <Button kind="main" disabled={name.trim() === ''} onPress={put}>
          Put it in
        </Button>
      </Row>
      {keep.error && <Trouble error={keep.error} />}
    </>
  );
}
