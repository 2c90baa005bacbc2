import { unitsOf, type MeasureSystem } from '@trowel/core/measures';
import type { FieldSpec } from '@trowel/core/mix';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { space } from '@/theme/theme';
import { Row } from '@/ui/layout';
import { Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { isAsked, type Entries, type Entry } from './formState';

interface ToolFormProps {
  readonly fields: Readonly<Record<string, FieldSpec>>;
  readonly entries: Entries;
  readonly system: MeasureSystem;
  readonly change: (name: string, entry: Entry) => void;
}

/** The fields of one tool. Numbers stand two abreast; choices are buttons; a unit is a button that goes on to the next. */
export function ToolForm({ fields, entries, system, change }: ToolFormProps) {
  return (
    <Row wrap gap={space.m} style={{ alignItems: 'flex-start' }}>
      {Object.entries(fields).map(([name, spec]) => {
        if (!isAsked(spec, entries)) return null;
        const entry = entries[name] ?? { text: '' };
        if (spec.kind === 'choice')
          return (
            <View key={name} role="group" aria-label={spec.label} style={{ width: '100%', gap: space.xs }}>
              <Small strong>{spec.label}</Small>
              <Row wrap>
                {spec.options.map(({ id, label }) => (
                  <Toggle key={id} pressed={entry.text === id} onPress={() => change(name, { text: id })}>
                    {label}
                  </Toggle>
                ))}
              </Row>
              {spec.hint && <Small>{spec.hint}</Small>}
            </View>
          );
        const unit = spec.kind === 'quantity' ? (entry.unit ?? '') : spec.kind === 'number' ? spec.unit : '';
        return (
          <View
            key={name}
            style={{
              flexGrow: 1,
              flexBasis: spec.kind === 'text' ? '100%' : 138,
              maxWidth: spec.kind === 'text' ? undefined : 330,
              gap: 2,
            }}
          >
            <Small strong>{`${spec.label}${spec.optional ? ' (may be empty)' : ''}`}</Small>
            <Row gap={6}>
              <TextInput
                mode="outlined"
                dense
                style={{ flex: 1, minWidth: 76, height: space.target }}
                aria-label={unit ? `${spec.label}, in ${unit}` : spec.label}
                inputMode={spec.kind === 'text' ? 'text' : 'decimal'}
                value={entry.text}
                onChangeText={(text) => change(name, { ...entry, text })}
              />
              {spec.kind === 'quantity' ? (
                <UnitButton
                  unit={unit}
                  units={unitsOf(spec.quantity, system)}
                  label={spec.label}
                  change={(next) => change(name, { ...entry, unit: next })}
                />
              ) : (
                unit !== '' && <Small style={{ maxWidth: 84 }}>{unit}</Small>
              )}
            </Row>
            {spec.hint && <Small>{spec.hint}</Small>}
          </View>
        );
      })}
    </Row>
  );
}

function UnitButton({
  unit,
  units,
  label,
  change,
}: {
  unit: string;
  units: readonly string[];
  label: string;
  change: (unit: string) => void;
}) {
  const next = units[(units.indexOf(unit) + 1) % units.length] ?? unit;
  return (
    <Toggle label={`Unit of ${label.toLowerCase()}: ${unit}; change to ${next}`} onPress={() => change(next)}>
      {unit}
    </Toggle>
  );
}
