import type { FieldSpec } from '@trowel/core/mix';
import { proseIn, type MeasureSystem } from '@trowel/core/quantities';
import { fieldWords } from '@trowel/core/wording';
import { Controller, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { space } from '@/theme/theme';
import { Choices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Folded } from '@/ui/Folded';
import { Row } from '@/ui/layout';
import { NumberField } from '@/ui/NumberField';
import { QuantityField } from '@/ui/QuantityField';
import { Small } from '@/ui/text';
import { numberUnitWords } from '@/wording/bench';
import { entry, isAsked, type Entry } from './formState';

export type ToolEntries = Record<string, Entry>;

interface ToolFormProps {
  readonly tool: string;
  readonly fields: Readonly<Record<string, FieldSpec>>;
  readonly control: Control<ToolEntries>;
  readonly entries: ToolEntries;
  readonly system: MeasureSystem;
}

/** The fields of one tool, two abreast; choices are buttons. */
export function ToolForm({ tool, fields, control, entries, system }: ToolFormProps) {
  return (
    <Row wrap gap={space.m} style={{ alignItems: 'flex-start' }}>
      {Object.entries(fields).map(([name, spec]) =>
        isAsked(spec, entries) ? (
          <Controller
            key={name}
            name={name}
            control={control}
            render={({ field: { value, onChange } }) => (
              <ToolField tool={tool} name={name} spec={spec} system={system} value={value} change={onChange} />
            )}
          />
        ) : null,
      )}
    </Row>
  );
}

/** More than these are folded away on a phone once one is chosen. */
const manyOptions = 8;

function ToolField({
  tool,
  name,
  spec,
  system,
  value,
  change,
}: {
  tool: string;
  name: string;
  spec: FieldSpec;
  system: MeasureSystem;
  value: Entry;
  change: (entry: Entry) => void;
}) {
  const words = fieldWords(tool, name);
  const label = proseIn(words.label, system);
  const hint = words.hint === undefined ? {} : { hint: proseIn(words.hint, system) };
  const optional = spec.optional === true;
  switch (spec.kind) {
    case 'choice': {
      const options = spec.options.map((id) => ({ id, name: proseIn(words.options?.[id] ?? id, system) }));
      const choices = (close?: () => void) => (
        <Choices
          of={options}
          chosen={value.text}
          choose={(id) => {
            change(entry(id));
            close?.();
          }}
        />
      );
      return (
        <View role="group" aria-label={label} style={{ width: '100%', gap: space.xs }}>
          <Small strong>{label}</Small>
          {options.length > manyOptions ? (
            <Folded label={options.find(({ id }) => id === value.text)?.name ?? label} chosen={value.text}>
              {choices}
            </Folded>
          ) : (
            choices()
          )}
          {words.hint !== undefined && <Small>{hint.hint}</Small>}
        </View>
      );
    }
    case 'quantity':
      return (
        <QuantityField
          label={label}
          {...hint}
          kind={spec.quantity}
          system={system}
          typed={value}
          change={change}
          optional={optional}
          {...(spec.also ? { also: spec.also } : {})}
        />
      );
    case 'number':
      return (
        <NumberField
          label={label}
          {...hint}
          unit={numberUnitWords[spec.unit]}
          optional={optional}
          value={value.text}
          change={(text) => change(entry(text))}
        />
      );
    case 'text':
      return (
        <View style={{ width: '100%' }}>
          <Field label={label} value={value.text} change={(text) => change(entry(text))} />
          {words.hint !== undefined && <Small>{hint.hint}</Small>}
        </View>
      );
    default:
      return spec satisfies never;
  }
}
