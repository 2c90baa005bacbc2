import type { JobView, WhatIfView } from '@trowel/core/contract';
import type { WhatIfResult } from '@trowel/core/simulate';
import { rowById } from '@trowel/core/tables';
import { addDays, plainNumber } from '@trowel/core/quantities';
import { chanceLine, counted, dayAndMonth, fitsBadly, scenarioWords, whatIfCannot } from '@trowel/core/wording';
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { ProgressBar } from 'react-native-paper';
import Svg, { Line, Path } from 'react-native-svg';
import { useWhatIf } from '@/api/queries';
import { ChartText } from '@/drawing/ChartText';
import { useKnowledge } from '@/knowledge';
import { space, useRoles } from '@/theme/theme';
import { Row, Sheet } from '@/ui/layout';
import { Loaded, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { whatIfWorker } from '@/workers';
import type { AskedWhatIf, ToldWhatIf } from '@/workers/what-if.worker';

type Can = Extract<WhatIfView, { kind: 'can' }>;

const runs = 2000;
/** Fewer runs than this that bear out the counts are too few to lean on. */
const enoughFit = 40;
/** The days on which the chance is told. */
const toldAfter = [14, 28] as const;

/** What becomes of it if nothing is done, if it is done once, again in time, or badly: reckoned ahead from the counts. */
export function WhatIf({ job }: { job: JobView }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <View style={{ gap: space.s }}>
      <Row>
        <Toggle expanded={isOpen} onPress={() => setOpen(!isOpen)}>
          What if …
        </Toggle>
      </Row>
      {isOpen && <Asked id={job.id} />}
    </View>
  );
}

function Asked({ id }: { id: string }) {
  const query = useWhatIf(id);
  return (
    <Loaded query={query}>
      {(view) => (view.kind === 'cannot' ? <Body soft>{whatIfCannot[view.because]}</Body> : <Reckoned view={view} />)}
    </Loaded>
  );
}

function Reckoned({ view }: { view: Can }) {
  const knowledge = useKnowledge();
  const [told, setTold] = useState<ToldWhatIf>({ kind: 'progress', share: 0 });
  useEffect(() => {
    const worker = whatIfWorker();
    worker.onmessage = ({ data }: MessageEvent<ToldWhatIf>) => setTold(data);
    worker.onerror = ({ message }) => setTold({ kind: 'broken', why: message });
    const asked: AskedWhatIf = {
      known: { ...view.known, row: rowById(knowledge.life, view.known.row, 'life') },
      scenarios: view.scenarios,
      runs,
    };
    worker.postMessage(asked);
    return () => worker.terminate();
  }, [view, knowledge]);
  if (told.kind === 'broken') return <Trouble error={new Error(`It could not be reckoned: ${told.why}`)} />;
  if (told.kind === 'progress')
    return (
      <View style={{ gap: space.s }}>
        <Small>{`Reckoning ${plainNumber(runs)} summers of ${view.pest.toLowerCase()} …`}</Small>
        <ProgressBar progress={told.share} aria-label="How much is reckoned" />
      </View>
    );
  return <Outcomes view={view} result={told.result} />;
}

function Outcomes({ view, result }: { view: Can; result: WhatIfResult }) {
  const { known, from, pest } = view;
  return (
    <View style={{ gap: space.m }}>
      <Small>{`${pest}, reckoned from your ${counted(known.looks.length, 'count', 'counts')} and the warmth that is to be expected. Dark line: the middle of ${plainNumber(runs)} runs; band: nine in ten of them.`}</Small>
      {result.runsThatFit < enoughFit && <Small>{fitsBadly}</Small>}
      {result.outcomes.map((outcome) => (
        <Sheet key={outcome.id}>
          <Heading rank={3}>{scenarioWords[outcome.id].name}</Heading>
          <Small>{`${scenarioWords[outcome.id].says} ${outcome.sprays.length === 0 ? 'No visit.' : `${counted(outcome.sprays.length, 'visit', 'visits')}.`}`}</Small>
          <Band outcome={outcome} known={known} from={from} />
          <Body>
            {`Below the level to act on: ${toldAfter
              .map(
                (after) =>
                  `by ${dayAndMonth(addDays(from, known.today + after))} ${chanceLine(outcome.clear[after] ?? 0)}`,
              )
              .join('; ')}.`}
          </Body>
        </Sheet>
      ))}
    </View>
  );
}

const width = 340;
const height = 104;
const left = 34;
const bottom = 80;

function Band({
  outcome: { bands, sprays },
  known,
  from,
}: {
  outcome: WhatIfResult['outcomes'][number];
  known: Can['known'];
  from: string;
}) {
  const roles = useRoles();
  const x = scaleLinear([0, bands.length - 1], [left, width - 10]);
  // What runs away is cut off at the top: how far does not matter for what to do.
  const top = Math.max(known.threshold * 3, (bands[0]?.high ?? 0) * 1.2);
  const y = scaleLinear([0, top], [bottom, 8]).clamp(true);
  const shape = area<(typeof bands)[number]>()
    .x((_, day) => x(day))
    .y0(({ low }) => y(low))
    .y1(({ high }) => y(high));
  const middle = line<(typeof bands)[number]>()
    .x((_, day) => x(day))
    .y((band) => y(band.middle));
  const end = bands[28] ?? bands[bands.length - 1];
  return (
    <View
      role="img"
      aria-label={`In four weeks ${plainNumber(Math.round(end?.middle ?? 0))} each, nine times in ten between ${plainNumber(Math.round(end?.low ?? 0))} and ${plainNumber(Math.round(end?.high ?? 0))}`}
    >
      <Svg width="100%" height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden>
        <Path d={shape([...bands]) ?? ''} fill={roles.goodGround} stroke={roles.line} strokeWidth={1} />
        <Line
          x1={left}
          x2={width - 10}
          y1={y(known.threshold)}
          y2={y(known.threshold)}
          stroke={roles.stop}
          strokeWidth={1.5}
          strokeDasharray="5 4"
        />
        <Path d={middle([...bands]) ?? ''} fill="none" stroke={roles.act} strokeWidth={3} />
        <Line x1={left} x2={width - 10} y1={bottom} y2={bottom} stroke={roles.text} strokeWidth={1.5} />
        <ChartText x={left - 6} y={y(known.threshold) + 4} anchor="end" says={plainNumber(known.threshold)} />
        {sprays.map((day) => (
          <Path
            key={day}
            d={`M${x(day - known.today)} ${bottom + 2} l-5 9 h10Z`}
            fill={roles.act}
            stroke={roles.text}
            strokeWidth={1}
          />
        ))}
        {[0, 28, 56].map((day) => (
          <ChartText
            key={day}
            x={x(day)}
            y={height - 2}
            anchor={day === 0 ? 'start' : 'middle'}
            says={dayAndMonth(addDays(from, known.today + day))}
          />
        ))}
      </Svg>
    </View>
  );
}
