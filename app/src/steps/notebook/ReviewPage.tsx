import type { ReviewView } from '@trowel/core/contract';
import { NotPrinted, PrintButton } from '@/ui/Printing';
import { capital, monthName } from '@trowel/core/wording/everyday';
import { scaleBand, scaleLinear } from 'd3-scale';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import Svg, { Circle, Line, Rect } from 'react-native-svg';
import { useReview } from '@/api/queries';
import { ChartText } from '@/drawing/ChartText';
import { space, useRoles } from '@/theme/theme';
import { Page, Row, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { Loaded } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';

/** A year looked back on, to be read and printed. */
export function ReviewPage() {
  const { year = String(new Date().getFullYear()) } = useLocalSearchParams<{ year?: string }>();
  const query = useReview(year);
  const router = useRouter();
  const wide = useIsWide();
  return (
    <Page wide>
      <NotPrinted style={{ gap: space.s }}>
        <Row wrap>
          <PrintButton />
          <LinkButton href="/notebook">Back to the notebook</LinkButton>
          {(query.data?.years ?? []).map((one) => (
            <Toggle
              key={one}
              pressed={String(one) === year}
              onPress={() => router.setParams({ year: String(one) })}
            >{`${one}`}</Toggle>
          ))}
        </Row>
      </NotPrinted>
      <Loaded query={query}>
        {(view) => (
          <>
            <Heading rank={1}>{`${view.gardenName}, ${view.year}`}</Heading>
            {view.says.map((line) => (
              <Body key={line}>{line}</Body>
            ))}
            <MonthsChart months={view.months} />
            <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.l, flexWrap: 'wrap' }}>
              <Listed
                title="What came"
                none="Nothing that could be named."
                lines={view.came.map(({ causeName, times, says }) => ({
                  name: times > 1 ? `${causeName}, ${times} times` : causeName,
                  says: capital(says),
                }))}
              />
              <Listed
                title="What worked"
                none="Nothing was judged; counting before and after would tell."
                lines={view.worked.map(({ remedyName, says }) => ({ name: remedyName, says }))}
              />
              <Listed
                title="What was not worth making"
                none="Nothing failed that was judged."
                lines={view.notWorth.map(({ remedyName, says }) => ({ name: remedyName, says: `${capital(says)}.` }))}
              />
              <Listed
                title="What to begin earlier"
                none="Nothing was found late."
                lines={view.earlier.map(({ bedName, causeName, says }) => ({
                  name: `${causeName}, ${bedName}`,
                  says: capital(says),
                }))}
              />
            </View>
          </>
        )}
      </Loaded>
    </Page>
  );
}

function Listed({
  title,
  none,
  lines,
}: {
  title: string;
  none: string;
  lines: readonly { readonly name: string; readonly says: string }[];
}) {
  const wide = useIsWide();
  return (
    <View style={{ gap: space.s, width: wide ? '46%' : '100%' }}>
      <Heading>{title}</Heading>
      {lines.length === 0 && <Body soft>{none}</Body>}
      {lines.map(({ name, says }) => (
        <View key={name + says}>
          <Body strong>{name}</Body>
          <Small>{says}</Small>
        </View>
      ))}
    </View>
  );
}

const height = 190;
const bottom = 150;

/** Month by month: a column for the cases that were opened, a peg for the visits on which something was done. */
function MonthsChart({ months }: Pick<ReviewView, 'months'>) {
  const roles = useRoles();
  const wide = useIsWide();
  // Drawn as large as it is shown, so that its letters stay readable.
  const width = wide ? 760 : 358;
  const x = scaleBand(
    months.map((_, at) => String(at)),
    [30, width - 10],
  ).padding(0.3);
  const most = Math.max(4, ...months.flatMap(({ cases, visits }) => [cases, visits]));
  const y = scaleLinear([0, most], [bottom, 16]).nice(4);
  const says = months
    .flatMap(({ cases, visits }, at) =>
      cases + visits > 0 ? [`${monthName(at + 1)}: ${cases} opened, ${visits} visits`] : [],
    )
    .join('; ');
  return (
    <View style={{ gap: 4 }}>
      <View role="img" aria-label={says === '' ? 'Nothing in any month' : says}>
        <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden>
          {y.ticks(4).map((value) => (
            <ChartText key={value} x={24} y={y(value) + 4} anchor="end" says={String(value)} />
          ))}
          <Line x1={30} x2={width - 10} y1={bottom} y2={bottom} stroke={roles.text} strokeWidth={1.5} />
          {months.map(({ cases, visits }, at) => {
            const left = x(String(at)) ?? 0;
            const middle = left + x.bandwidth() / 2;
            return [
              <Rect
                key={`c${at}`}
                x={left}
                y={y(cases)}
                width={x.bandwidth()}
                height={bottom - y(cases)}
                fill={roles.goodGround}
                stroke={roles.text}
                strokeWidth={cases > 0 ? 1.5 : 0}
              />,
              <Line
                key={`v${at}`}
                x1={middle}
                x2={middle}
                y1={bottom}
                y2={y(visits)}
                stroke={roles.act}
                strokeWidth={visits > 0 ? 3 : 0}
              />,
              <Circle key={`d${at}`} cx={middle} cy={y(visits)} r={visits > 0 ? 5 : 0} fill={roles.act} />,
              <ChartText
                key={`m${at}`}
                x={middle}
                y={bottom + 18}
                anchor="middle"
                says={monthName(at + 1).slice(0, wide ? 3 : 1)}
              />,
            ];
          })}
        </Svg>
      </View>
      <Small>Columns: cases opened. Pegs: visits on which something was done.</Small>
    </View>
  );
}
