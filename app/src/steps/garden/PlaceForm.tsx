import type { BedView } from '@trowel/core/contract';
import { nearFacts, settings, type Setting } from '@trowel/core/tables';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { z } from 'zod';
import { useDraftOf } from '@/api/drafts';
import { useAct } from '@/api/queries';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { nearWords } from '@/wording/places';
import { SettingChoice } from './SettingChoice';

/** What is close by: asked for once, and minded in every mix and every step there. */
export function NearPlace({ bed }: { bed: BedView }) {
  const changeBed = useAct('changeBed');
  return (
    <Sheet>
      <Heading rank={3}>What is close by?</Heading>
      <Small>Every mix, choice and step here minds it.</Small>
      <Row wrap>
        {nearFacts.map((fact) => {
          const isOn = bed.near.includes(fact);
          const near = isOn ? bed.near.filter((other) => other !== fact) : [...bed.near, fact];
          return (
            <Toggle key={fact} pressed={isOn} onPress={() => changeBed.mutate({ id: bed.id, body: { near } })}>
              {nearWords[fact]}
            </Toggle>
          );
        })}
      </Row>
      {changeBed.error && <Trouble error={changeBed.error} />}
    </Sheet>
  );
}

const placeDraft = z.object({ name: z.string(), note: z.string(), setting: z.enum(settings) });
type PlaceDraft = z.output<typeof placeDraft>;

/** Its name, its kind and a note; and taking it out of use. */
export function PlaceForm({ bed }: { bed: BedView }) {
  const changeBed = useAct('changeBed');
  const removeBed = useAct('removeBed');
  const restoreBed = useAct('restoreBed');
  const router = useRouter();
  const tell = useNotice();
  const opening: PlaceDraft = { name: bed.name, note: bed.note, setting: bed.setting as Setting };
  const [draft, setDraft] = useDraftOf(`place:${bed.id}`, placeDraft, opening);
  const { name, note, setting } = draft;
  // What was being written is there again after a reload.
  const [open, setOpen] = useState(() => JSON.stringify(draft) !== JSON.stringify(opening));
  const keep = () =>
    changeBed.mutate(
      { id: bed.id, body: { name, note, setting } },
      { onSuccess: () => (setOpen(false), setDraft(opening), tell({ says: `${name.trim()}: kept.` })) },
    );
  const takeOut = () =>
    removeBed.mutate(
      { id: bed.id },
      {
        onSuccess: () => {
          tell({
            says: `${bed.name} is taken out; its history is kept.`,
            undo: () => restoreBed.mutate({ id: bed.id }),
          });
          router.replace('/garden');
        },
      },
    );
  return (
    <Sheet>
      <Toggle expanded={open} onPress={() => setOpen(!open)}>
        Name, kind and note
      </Toggle>
      {open && (
        <>
          <Field
            label="Name"
            says="Name of the place"
            value={name}
            change={(next) => setDraft({ ...draft, name: next })}
          />
          <SettingChoice setting={setting} choose={(next) => setDraft({ ...draft, setting: next })} />
          <Field
            label="Note"
            says="Note about the place"
            value={note}
            change={(next) => setDraft({ ...draft, note: next })}
            lines={2}
          />
          {changeBed.error && <Trouble error={changeBed.error} />}
          <Row wrap style={{ justifyContent: 'space-between' }}>
            <Button kind="main" disabled={changeBed.isPending || name.trim() === ''} onPress={keep}>
              Keep it
            </Button>
            <Button disabled={removeBed.isPending} onPress={takeOut}>
              Take this place out
            </Button>
          </Row>
          {removeBed.error && <Trouble error={removeBed.error} />}
        </>
      )}
    </Sheet>
  );
}
