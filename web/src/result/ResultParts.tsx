import { Text } from '@chakra-ui/react';
import type { Schemas } from '../api/client';
import { grouped } from '../kit/style/number';
import { money } from '../kit/style/money';
import { month } from '../kit/style/time';
import { plural } from '../kit/format';
import { Marks } from './Marks';
import { ResultBar, ResultRow, ResultRows } from './ResultRows';

type Results = Schemas['ResultView'];

const percent = (share: number) => `${grouped(100 * share, share < 0.1 ? 1 : 0)} %`;

/** A mark for each line that was due. */
export function OnTime({ results }: { results: Results }) {
  const lines = results.months.reduce((sum, m) => sum + m.lines, 0);
  const full = results.months.reduce((sum, m) => sum + m.onTimeInFull, 0);
  const late = results.months.reduce((sum, m) => sum + m.late, 0);
  const days = results.months.reduce((sum, m) => sum + m.late * m.meanLateDays, 0);
  return (
    <>
      <Text mb={3}>
        <Text as="span" textStyle="figure" mr={3}>
          {percent(results.onTimeShare ?? 0)}
        </Text>
        {`${full} of ${plural(lines, 'order line')} left complete and on time`}
        {late > 0 ? `; the late ones were late by ${grouped(days / late, 1)} days on average` : ''}
      </Text>
      <ResultRows>
        {results.months.map((m) => (
          <ResultRow
            key={m.month}
            name={month(m.month)}
            drawing={<Marks all={m.lines} bad={m.late} />}
          >
            {m.late === 0 ? `all ${m.onTimeInFull} on time` : `${m.late} of ${m.lines} late`}
          </ResultRow>
        ))}
      </ResultRows>
    </>
  );
}

/** How much of the time a mould's copies were full: the one that fills up first is the next to buy. */
export function MouldsInUse({ results }: { results: Results }) {
  return (
    <ResultRows>
      {results.moulds.map((m) => (
        <ResultRow
          key={m.mouldId}
          name={m.mould}
          drawing={<ResultBar full parts={[{ share: 1 - m.idleShare, color: 'steel' }]} />}
        >
          {m.casts === 0
            ? `${plural(m.copies, 'copy')}, not used`
            : `full ${percent(1 - m.idleShare)} of the time; ${plural(m.copies, 'copy')}, ${plural(m.casts, 'cast')}`}
        </ResultRow>
      ))}
    </ResultRows>
  );
}

/** A mark for each piece. */
export function Scrap({ results }: { results: Results }) {
  return (
    <ResultRows>
      {results.scrap.map((s) => (
        <ResultRow
          key={s.product}
          name={s.product}
          drawing={<Marks all={s.pieces} bad={s.scrap} />}
        >
          {s.scrap === 0 ? `none of ${s.pieces}` : `${s.scrap} of ${s.pieces}, ${percent(s.share)}`}
        </ResultRow>
      ))}
    </ResultRows>
  );
}

/** Each price as a length, the cost first: what is left is the rest. */
export function Margins({ results }: { results: Results }) {
  const margins = results.margins ?? [];
  const dearest = Math.max(...margins.map((m) => Math.max(m.price, m.cost)), 1e-6);
  return (
    <ResultRows>
      {margins.map((m) => (
        <ResultRow
          key={m.product}
          name={m.product}
          drawing={
            <ResultBar
              parts={[
                {
                  share: Math.min(m.cost, m.price) / dearest,
                  color: 'steel',
                  words: money(m.cost),
                },
                m.margin >= 0
                  ? { share: m.margin / dearest, color: 'moss', words: money(m.margin) }
                  : { share: -m.margin / dearest, color: 'oxide', words: money(m.margin) },
              ]}
            />
          }
        >
          {`${money(m.price)} less ${money(m.cost)}: ${money(m.margin)}, ${percent(m.share)}`}
        </ResultRow>
      ))}
    </ResultRows>
  );
}
