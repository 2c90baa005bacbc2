import type { CaseView } from '@trowel/core/contract';
import { timeLineOf, type TimeMarkKind } from '@trowel/core/follow';
import { dayAndMonth, sentence, shortDay } from '@trowel/core/wording';
import { scaleLinear } from 'd3-scale';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { ChartText } from '@/drawing/ChartText';
import { spaced } from '@/drawing/spaced';
import { space, useRoles } from '@/theme/theme';
import { Small } from '@/ui/text';
import { markWords } from '@/wording/cases';

const width = 1120;
const height = 78;
const edge = 40;
const ground = 38;
const dayMs = 86_400_000;
/** Marks of one day stand over each other. */
const lift = 15;

/** What was done and counted in a case, and what is to come, on one line of days. */
export function CaseTimeLine({ view, today }: { view: CaseView; today: string }) {
  const roles = useRoles();
  const { from, to, marks, next } = timeLineOf({ openedOn: view.summary.openedOn, today, jobs: view.jobs });
  const first = Date.parse(from);
  // A few days alone still want some room.
  const x = scaleLinear([first, Math.max(Date.parse(to), first + 10 * dayMs)], [edge, width - edge]);
  const at = (on: string) => x(Date.parse(on));
  const above = (index: number) => marks.slice(0, index).filter(({ on }) => on === marks[index]?.on).length;
  const days = [...new Set(marks.map(({ on }) => on))].filter((on) => on !== today);
  const named = spaced(days, at, 54).filter((on) => Math.abs(at(on) - at(today)) > 54);
  const told = marks
    .map(({ on, kind, says }) => `${dayAndMonth(on)}: ${markWords[kind]} ${says.join(', ')}`)
    .join('. ');
  const [coming] = next;
  return (
    <View
      style={{
        paddingHorizontal: space.m,
        paddingVertical: space.s,
        borderBottomWidth: 1,
        borderColor: roles.line,
        gap: 2,
      }}
    >
      <View role="img" aria-label={`The case in time. ${told}.`}>
        <Svg width="100%" height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden>
          <Line x1={edge / 2} x2={width - edge / 2} y1={ground} y2={ground} stroke={roles.text} strokeWidth={1.5} />
          <Line
            x1={at(today)}
            x2={at(today)}
            y1={4}
            y2={ground + 12}
            stroke={roles.warn}
            strokeWidth={2}
            strokeDasharray="4 3"
          />
          <ChartText x={at(today)} y={ground + 28} anchor="middle" says="today" strong />
          {marks.map(({ on, kind }, index) => (
            <G key={`${on}${kind}`} transform={`translate(${at(on)} ${ground - above(index) * lift})`}>
              <Mark kind={kind} />
            </G>
          ))}
          {named.map((on) => (
            <ChartText key={on} x={at(on)} y={ground + 28} anchor="middle" says={shortDay(on)} />
          ))}
        </Svg>
      </View>
      <Small>
        {`Tag: opened. Blade: put on. Disc: counted. Tick: done. Hollow: to come.${coming ? ` ${sentence(`Next: ${coming.says.join(', then ')}, ${dayAndMonth(coming.on)}`)}` : ''}`}
      </Small>
    </View>
  );
}

/** By shape first: what was put on is a blade, what was counted a disc, what is to come is hollow. */
function Mark({ kind }: { kind: TimeMarkKind }) {
  const roles = useRoles();
  switch (kind) {
    case 'opened':
      return <Path d="M-8 -6 h11 l6 6 l-6 6 h-11 Z" fill={roles.raised} stroke={roles.text} strokeWidth={1.5} />;
    case 'put-on':
      return <Path d="M0 9 l-6 -14 h12 Z" fill={roles.act} stroke={roles.text} strokeWidth={1} />;
    case 'counted':
      return <Circle r={6.5} fill={roles.act} stroke={roles.ground} strokeWidth={2} />;
    case 'done':
      return <Path d="M-6 0 l4 5 l8 -10" fill="none" stroke={roles.text} strokeWidth={2.5} />;
    case 'to-do':
      return <Rect x={-6} y={-6} width={12} height={12} fill={roles.ground} stroke={roles.text} strokeWidth={2} />;
    case 'to-look':
      return <Circle r={6.5} fill={roles.ground} stroke={roles.text} strokeWidth={2} />;
  }
}
