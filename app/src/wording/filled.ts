import type { Fill, Findable, Found } from '@trowel/core/find';
import { benchTool } from '@trowel/core/mix';
import { proseIn, type MeasureSystem } from '@trowel/core/quantities';
import { fieldWords } from '@trowel/core/wording';
import { typedFor } from '@/ui/quantity';

/** What will stand in the form, in words. */
export function filledWords({ kind, id, fill }: Found, here: readonly Findable[], system: MeasureSystem): string {
  const nameOf = (wanted: string | undefined) => here.find((one) => one.id === wanted)?.name ?? '';
  const volume = fill.volumeMl === undefined ? undefined : typedFor('volume', fill.volumeMl, system);
  return [
    ...(kind === 'tool' ? valueWords(id, fill, system) : []),
    nameOf(fill.vesselId),
    volume ? `${volume.text} ${volume.unit}` : '',
    nameOf(fill.bedId),
  ]
    .filter((words) => words !== '')
    .join(' · ');
}

function valueWords(tool: string, { values = {} }: Fill, system: MeasureSystem): string[] {
  const { fields } = benchTool(tool);
  return Object.entries(values).flatMap(([name, value]) => {
    const spec = fields[name];
    const { label, options } = fieldWords(tool, name);
    if (spec === undefined || name === 'shape') return [];
    const typed =
      typeof value === 'number' && spec.kind === 'quantity' ? typedFor(spec.quantity, value, system) : value;
    const words = typeof typed === 'object' ? `${typed.text} ${typed.unit}` : String(options?.[String(typed)] ?? typed);
    return [`${proseIn(label, system)}: ${proseIn(words, system)}`];
  });
}
