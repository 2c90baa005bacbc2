import type { StepView } from '@trowel/core/contract';
import { hourWords } from '@trowel/core/wording/everyday';
import { useState } from 'react';
import { Pressable, View, type ViewStyle } from 'react-native';
import { Tag } from '@/drawing/Tag';
import { useRoles } from '@/theme/theme';
import { Dragged } from '@/ui/Dragged';
import { Row } from '@/ui/layout';
import { Small } from '@/ui/text';
import { Icon } from '@/ui/Icon';

/** One step on a day of the calendar: tapped it is chosen, dragged it is moved. What is done is only told. */
export function StepChip({
  step,
  isChosen,
  onTap,
  onDrop,
}: {
  step: StepView;
  isChosen: boolean;
  onTap: () => void;
  onDrop?: (at: { readonly x: number; readonly y: number }) => void;
}) {
  const roles = useRoles();
  const [pull, setPull] = useState<{ readonly dx: number; readonly dy: number }>();
  const isPulled = pull !== undefined && Math.abs(pull.dx) + Math.abs(pull.dy) > 6;
  const look: ViewStyle = {
    minHeight: 44,
    justifyContent: 'center',
    paddingHorizontal: 6,
    paddingVertical: 4,
    borderRadius: 6,
    borderWidth: isChosen ? 2.5 : 1,
    borderColor: isChosen ? roles.act : roles.softText,
    backgroundColor: isChosen ? roles.coolGround : roles.ground,
    ...(isPulled ? { transform: [{ translateX: pull.dx }, { translateY: pull.dy }], zIndex: 5, opacity: 0.85 } : {}),
  };
  const about = [
    step.hour === null ? '' : hourWords(step.hour),
    step.caseName === step.does ? step.bedName : step.caseName,
  ]
    .filter((part) => part !== '')
    .join(' · ');
  // A day of the week's grid is narrow: there everything stands below its tag.
  const says = onDrop ? (
    <View style={{ gap: 2 }}>
      <Tag pattern={step.pattern} width={26} />
      <Small strong style={{ color: roles.text }}>
        {`${step.does} `}
      </Small>
      <Small>{about}</Small>
    </View>
  ) : (
    <Row gap={6} style={{ alignItems: 'flex-start' }}>
      <Tag pattern={step.pattern} width={26} />
      <View style={{ flex: 1, minWidth: 0 }}>
        <Small strong style={{ color: roles.text }}>
          {`${step.does} `}
        </Small>
        <Small>{about}</Small>
      </View>
    </Row>
  );
  if (step.state !== 'planned')
    return (
      <Row gap={6} style={{ alignItems: 'flex-start' }}>
        <Icon name={step.state === 'done' ? 'check' : 'minus'} size={18} color={roles.softText} />
        <Small style={{ flex: 1 }}>{`${step.does}, ${step.state === 'done' ? 'done' : 'left out'}`}</Small>
      </Row>
    );
  if (!onDrop)
    return (
      <Pressable
        role="button"
        aria-pressed={isChosen}
        aria-label={`${step.does} ${about}`}
        onPress={onTap}
        style={look}
      >
        {says}
      </Pressable>
    );
  return (
    <Dragged
      label={`${step.does} ${about}`}
      style={look}
      onStart={() => setPull({ dx: 0, dy: 0 })}
      onPull={setPull}
      onDrop={(at) => {
        setPull(undefined);
        if (isPulled) onDrop(at);
        else onTap();
      }}
      onNudge={() => undefined}
      onTap={onTap}
    >
      {says}
    </Dragged>
  );
}
