import { useLayoutEffect, useRef, useState } from 'react';
import { View, type Text } from 'react-native';
import { Button } from './Button';
import { Row } from './layout';
import { Body, Small } from './text';

/** Lines that are read at a glance. */
const glance = 3;

/** A text of which three lines stand at first; the rest is a tap away. A screen reader is given the whole. */
export function Longer({ children, small = false }: { children: string; small?: boolean }) {
  const [isOpen, setOpen] = useState(false);
  const [isCut, setCut] = useState(false);
  const text = useRef<Text>(null);
  useLayoutEffect(() => {
    const drawn = text.current as unknown as HTMLElement | null;
    if (!isOpen && drawn) setCut(drawn.scrollHeight > drawn.clientHeight + 1);
  }, [children, isOpen]);
  const Words = small ? Small : Body;
  return (
    <View>
      <Words ref={text} lines={isOpen ? undefined : glance}>
        {children}
      </Words>
      {isCut && !isOpen && (
        <Row>
          <Button onPress={() => setOpen(true)}>The rest</Button>
        </Row>
      )}
    </View>
  );
}
