import { fullDate } from '@trowel/core/wording/everyday';
import { useState } from 'react';
import { TextInput } from 'react-native-paper';
import { useHousehold, usePairCode, useRemoveDevice, useSetPassphrase } from '@/api/household';
import { Button } from '@/ui/Button';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { momentWords } from '@/wording/moments';
import { Qr } from './Qr';

/** Other devices of the house: who is in, how one comes in, and how it is taken off. */
export function Household() {
  const view = useHousehold().data;
  if (!view) return null;
  const { isShared, hasPassphrase, isSecure, addresses, me, devices } = view;
  return (
    <Sheet>
      <Heading rank={3}>In the house</Heading>
      {isShared ? (
        <Small>{`Open in the browser of another device: ${addresses.join(' or ')}`}</Small>
      ) : (
        <Small>
          Only this computer can open the garden. Set a passphrase, then start with ./trowel start --lan to use it on
          the phones of the house too.
        </Small>
      )}
      {isShared && !isSecure && (
        <Small strong>
          Without a certificate anyone in the same network can read along, and phones do not keep the garden for out of
          reach. Start with --tls-cert and --tls-key to change both.
        </Small>
      )}
      {isShared && <PairCode addresses={addresses} />}
      {devices.map(({ id, name, pairedOn, lastSeen, isMe }) => (
        <Device
          key={id}
          id={id}
          name={name}
          says={`${isMe ? 'this device, ' : ''}since ${fullDate(pairedOn.slice(0, 10))}, last seen ${fullDate(lastSeen.slice(0, 10))}`}
        />
      ))}
      {me === null && <Passphrase isAnother={hasPassphrase} />}
    </Sheet>
  );
}

function PairCode({ addresses }: { addresses: readonly string[] }) {
  const ask = usePairCode();
  const shown = ask.data;
  const [address] = addresses;
  return (
    <>
      <Row>
        <Button kind="other" disabled={ask.isPending} onPress={() => ask.mutate()}>
          {shown ? 'Another code' : 'Let a device in'}
        </Button>
      </Row>
      {shown && (
        <>
          <Heading rank={2}>{`${shown.code.slice(0, 4)} ${shown.code.slice(4)}`}</Heading>
          <Small>{`For one device, until ${momentWords(Date.parse(shown.until))}. Type it there, or let its camera read this.`}</Small>
          {address !== undefined && (
            <Qr text={`${address}/#pair=${shown.code}`} says={`The address and the code, for a camera: ${address}`} />
          )}
        </>
      )}
      {ask.error && <Trouble error={ask.error} />}
    </>
  );
}

function Device({ id, name, says }: { id: string; name: string; says: string }) {
  const remove = useRemoveDevice();
  const tell = useNotice();
  return (
    <>
      <Row wrap style={{ justifyContent: 'space-between' }}>
        <Body>{`${name}: ${says}`}</Body>
        <Button
          disabled={remove.isPending}
          accessibilityLabel={`Take off: ${name}`}
          onPress={() => remove.mutate(id, { onSuccess: () => tell({ says: `${name} comes in no more.` }) })}
        >
          Take off
        </Button>
      </Row>
      {remove.error && <Trouble error={remove.error} />}
    </>
  );
}

/** Letters of a passphrase, at least. */
const least = 10;

function Passphrase({ isAnother }: { isAnother: boolean }) {
  const set = useSetPassphrase();
  const tell = useNotice();
  const [word, setWord] = useState('');
  return (
    <>
      <TextInput
        mode="outlined"
        label={isAnother ? 'Another passphrase' : 'A passphrase, a few words'}
        aria-label={isAnother ? 'Another passphrase' : 'A passphrase, a few words'}
        value={word}
        onChangeText={setWord}
        secureTextEntry
        autoComplete="new-password"
        maxLength={200}
        style={{ maxWidth: 420 }}
      />
      <Row>
        <Button
          disabled={word.length < least || set.isPending}
          onPress={() => set.mutate(word, { onSuccess: () => (setWord(''), tell({ says: 'The passphrase is set.' })) })}
        >
          {`Set it (at least ${least} letters)`}
        </Button>
      </Row>
      {set.error && <Trouble error={set.error} />}
    </>
  );
}
