import { View } from 'react-native';
import { useTour } from '@/api/tour';
import { space, useRoles } from '@/theme/theme';
import { Button } from './Button';
import { Row } from './layout';
import { Body } from './text';

/** Above every page of the made-up garden: where one is, and the way back. */
export function TourStrip() {
  const roles = useRoles();
  const { isOn, leave } = useTour();
  if (!isOn) return null;
  return (
    <View
      role="status"
      style={{
        backgroundColor: roles.warnGround,
        borderColor: roles.line,
        borderBottomWidth: 1,
        paddingHorizontal: space.m,
      }}
    >
      <Row style={{ justifyContent: 'space-between' }}>
        <Body style={{ flexShrink: 1 }}>A made-up garden to try things in; yours stays as it is.</Body>
        <Button onPress={leave}>Back to my garden</Button>
      </Row>
    </View>
  );
}

/** The way in. */
export function TourButton({ entered }: { entered?: () => void }) {
  const { isOn, isBusy, problem, enter } = useTour();
  if (isOn) return null;
  return (
    <View>
      <Row>
        <Button kind="other" disabled={isBusy} onPress={() => void enter().then(entered)}>
          {isBusy ? 'It is being planted …' : 'Look round a made-up garden'}
        </Button>
      </Row>
      {problem !== undefined && (
        <View role="alert">
          <Body>{problem}</Body>
        </View>
      )}
    </View>
  );
}
