import { Text } from 'react-native';
import { weigh } from '@trowel/core/weigh';
import { knowledge } from '@trowel/knowledge';
export default function Index() {
  return <Text>{weigh(knowledge, { evidence: [] }).depth}</Text>;
}
