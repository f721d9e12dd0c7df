import { Box, Flex, Text } from '@chakra-ui/react';
import { type ReactNode } from 'react';
import { Link } from '../kit/Link';
import { counted, plural } from '../kit/format';
import { moment } from '../kit/style/time';
import { copiesOf, goodsOf, sheetOf } from '../plan/days';
import type { Plan, Visit } from '../server/usePlan';
import type { Group, ToWash } from '../server/useShelf';
import { stepWords } from '../shelf/words';
import type { Task } from './next';

interface Props {
  tasks: Task[];
  /** How many of them fit. */
  fit: number;
  now: number;
  /** Whose pours are among them. */
  plan?: Plan | undefined;
  onOpen: (group: Group) => void;
  onWash: (toWash: ToWash[]) => void;
}

/** Tasks one after the other: steps open here, a pour opens its sheet. */
export function TaskList({ tasks, fit, now, plan, onOpen, onWash }: Props) {
  return (
    <Box as="ol" listStyleType="none">
      {tasks.map((task, i) => (
        <Flex
          as="li"
          key={
            task.group?.key ??
            (task.wash ? 'wash' : `${task.visit?.at} ${task.visit?.casts.join(' ')}`)
          }
          gap={{ base: 2, md: 4 }}
          alignItems="center"
          borderBottom="1px solid"
          borderColor="rule"
          {...(i === fit && i > 0 && { borderTop: '4px solid', borderTopColor: 'steel' })}
        >
          <Text
            textStyle="label"
            w={{ base: '64px', md: '130px' }}
            flexShrink={0}
            color={task.late ? 'oxide' : task.at <= now ? 'ink' : 'quiet'}
          >
            {task.late ? 'late' : task.at <= now ? 'now' : moment(task.at, now)}
          </Text>
          {task.group && <StepKey group={task.group} onOpen={onOpen} />}
          {task.wash && <WashKey toWash={task.wash} onWash={onWash} />}
          {task.visit && plan && <PourLink visit={task.visit} plan={plan} />}
          <Text color="quiet" w={{ base: '72px', md: '90px' }} textAlign="right">
            {Math.round(task.minutes)} min{i < fit ? '' : ', later'}
          </Text>
        </Flex>
      ))}
    </Box>
  );
}

const ROW = { minHeight: '56px', flex: 1, textAlign: 'left', cursor: 'pointer' } as const;

function StepKey({ group, onOpen }: { group: Group; onOpen: (group: Group) => void }) {
  return (
    <button type="button" onClick={() => onOpen(group)} style={ROW}>
      <Words
        what={stepWords(group)}
        whom={counted(group.pieces, group.product)}
        how={[group.colourway, group.casts.map((c) => c.copy).join(' ')]}
      >
        {group.warnings.map((w) => (
          <Text key={w.code} as="span" display="block" color="oxide" fontWeight={600}>
            {w.message}
          </Text>
        ))}
      </Words>
    </button>
  );
}

function WashKey({ toWash, onWash }: { toWash: ToWash[]; onWash: Props['onWash'] }) {
  return (
    <button type="button" onClick={() => onWash(toWash)} style={ROW}>
      <Words
        what="wash"
        whom={plural(toWash.length, 'copy')}
        how={[toWash.map((c) => c.copy).join(' ')]}
      />
    </button>
  );
}

function PourLink({ visit, plan }: { visit: Visit; plan: Plan }) {
  const words = (
    <Words
      what="pour"
      whom={goodsOf(plan, visit)}
      how={[visit.colourway, copiesOf(plan, visit).join(' ')]}
    >
      {visit.lacks.length > 0 && (
        <Text as="span" display="block" color="oxide" fontWeight={600}>
          There will not be enough {visit.lacks.join(', ')}.
        </Text>
      )}
    </Words>
  );
  const sheet = sheetOf(plan, visit);
  return sheet ? (
    <Link to={sheet} style={{ ...ROW, display: 'flex', alignItems: 'center' }}>
      {words}
    </Link>
  ) : (
    <Box style={ROW}>{words}</Box>
  );
}

interface WordsProps {
  what: string;
  whom: string;
  how: (string | undefined)[];
  children?: ReactNode;
}

function Words({ what, whom, how, children }: WordsProps) {
  return (
    <span>
      <b>{what}</b> {whom}
      <Text as="span" color="quiet">
        {how.filter(Boolean).map((part) => `, ${part}`)}
      </Text>
      {children}
    </span>
  );
}
