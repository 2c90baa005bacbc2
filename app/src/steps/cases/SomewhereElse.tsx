import type { Setting } from '@trowel/core/tables';
import { useState } from 'react';
import { useDraft } from '@/api/drafts';
import { useAct } from '@/api/queries';
import { SettingChoice } from '@/steps/garden/SettingChoice';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Sheet } from '@/ui/layout';
import { Trouble } from '@/ui/states';
import { Heading, Small } from '@/ui/text';

/** How a place is called until somebody names it. */
const firstNames: Readonly<Record<Setting, string>> = {
  bed: 'A bed',
  pot: 'Some pots',
  indoors: 'Indoors',
  greenhouse: 'Under glass',
  lawn: 'The lawn',
  tree: 'A tree',
};

/** A case at once, for a plant or a place that is not in the book yet: both are put there with it. */
export function SomewhereElse({ title, opened }: { title: string; opened: (id: string) => void }) {
  const openCase = useAct('openCase');
  const [plant, setPlant] = useDraft('plant-somewhere-else');
  const [setting, setSetting] = useState<Setting>('bed');
  const named = plant.trim();
  const open = () =>
    openCase.mutate(
      { body: { at: { name: firstNames[setting], setting, ...(named === '' ? {} : { plant: named }) } } },
      { onSuccess: ({ id }) => opened(id) },
    );
  return (
    <Sheet>
      <Heading rank={2}>{title}</Heading>
      <Field label="Which plant?" value={plant} change={setPlant} />
      <Small>Left empty, the ground is read: weeds and soil.</Small>
      <SettingChoice setting={setting} choose={setSetting} />
      {openCase.error && <Trouble error={openCase.error} />}
      <Button kind="main" disabled={openCase.isPending} onPress={open}>
        {named === '' ? 'Look at the ground there' : 'Look at it'}
      </Button>
      <Small>The place can be named, measured and laid out later, under Garden.</Small>
    </Sheet>
  );
}
