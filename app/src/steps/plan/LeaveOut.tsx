import { skipReasons, type SkipReason } from '@trowel/core/tables';
import { skipWords } from '@trowel/core/wording';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Row } from '@/ui/layout';
import { Small } from '@/ui/text';

/** Why a step is left out: one tap. */
export function LeaveOut({ does, leaveOut }: { does: string; leaveOut: (reason?: SkipReason) => void }) {
  return (
    <View role="group" aria-label={`Leave it out: ${does}`} style={{ gap: 4 }}>
      <Small strong>Left out because of</Small>
      <Row wrap>
        {skipReasons.map((reason) => (
          <Button key={reason} kind="other" onPress={() => leaveOut(reason)}>
            {skipWords[reason].label}
          </Button>
        ))}
        <Button onPress={() => leaveOut()}>No reason</Button>
      </Row>
    </View>
  );
}
