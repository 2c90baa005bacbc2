import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { pairThisDevice } from '@/api/household';
import { codeInAddress } from '@/api/paired';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Page, Row, Sheet } from '@/ui/layout';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';

/** What stands in the place of every page until the garden knows this device. */
export function PairPage() {
  const [name, setName] = useState('');
  const [code, setCode] = useState(codeInAddress);
  const [word, setWord] = useState('');
  const [isBusy, setBusy] = useState(false);
  const [error, setError] = useState<Error>();
  const by = code.trim() !== '' ? { name: name.trim(), code: code.trim() } : { name: name.trim(), passphrase: word };
  const isReady = name.trim() !== '' && (code.trim() !== '' || word !== '');
  const pair = async () => {
    setBusy(true);
    setError(undefined);
    try {
      await pairThisDevice(by);
      // The code has done its work, and stands in no history.
      globalThis.location.replace(globalThis.location.pathname);
    } catch (reason) {
      setError(reason as Error);
      setBusy(false);
    }
  };
  return (
    <Page>
      <Heading rank={1}>This device is new here</Heading>
      <Body>
        The garden is shared in the house. Give this device a name, and the code that a device shows which is in already
        (Garden, Keep and carry), or the passphrase.
      </Body>
      <Sheet>
        <View style={{ gap: space.m, maxWidth: 420 }}>
          <TextInput
            mode="outlined"
            label="What is this device called?"
            aria-label="What is this device called?"
            placeholder="Mara’s phone"
            value={name}
            onChangeText={setName}
            maxLength={40}
          />
          <TextInput
            mode="outlined"
            label="Code"
            aria-label="Code"
            value={code}
            onChangeText={setCode}
            inputMode="numeric"
            autoComplete="one-time-code"
          />
          <Small>or</Small>
          <TextInput
            mode="outlined"
            label="Passphrase"
            aria-label="Passphrase"
            value={word}
            onChangeText={setWord}
            secureTextEntry
            autoComplete="current-password"
          />
          <Row>
            <Button kind="main" disabled={!isReady || isBusy} onPress={() => void pair()}>
              Come in
            </Button>
          </Row>
          {error && <Trouble error={error} />}
        </View>
      </Sheet>
    </Page>
  );
}
