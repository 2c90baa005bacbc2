import { View } from 'react-native';
import { useRoles } from '@/theme/theme';
import { Icon } from './Icon';

/** The box of something to tick; what holds it carries the role and the state. */
export function TickBox({ state }: { state: 'open' | 'done' | 'skipped' }) {
  const roles = useRoles();
  return (
    <View
      style={{
        width: 32,
        height: 32,
        borderRadius: 5,
        borderWidth: 2.5,
        borderColor: roles.text,
        backgroundColor: state === 'done' ? roles.act : 'transparent',
        alignItems: 'center',
        justifyContent: 'center',
      }}
    >
      {state === 'done' && <Icon name="check" color={roles.onAct} />}
      {state === 'skipped' && <Icon name="minus" color={roles.text} />}
    </View>
  );
}
