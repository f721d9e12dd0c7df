import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { plural } from '../../kit/format';
import { money } from '../../kit/style/money';
import type { MouldRow } from '../../server/usePlan';
import type { CopyHelp } from '../../server/useWhatIf';

const Press = chakra('button');

const MOST = 20;

/** Copies by mould id. */
export type More = Record<number, number>;

interface Props {
  moulds: MouldRow[];
  helps: CopyHelp[];
  more: More;
  onMore: (more: More) => void;
}

/** Each mould with its copies drawn, and those that are tried; what helps most stands first. */
export function Copies({ moulds, helps, more, onMore }: Props) {
  const help = new Map(helps.map((h) => [h.mouldId, h]));
  const fewer = (m: MouldRow) => help.get(m.mouldId)?.fewerLateDays ?? 0;
  const sorted = [...moulds].sort((a, b) => fewer(b) - fewer(a) || a.mould.localeCompare(b.mould));
  return (
    <Box as="section" aria-label="More copies">
      <Text textStyle="small" color="quiet">
        more copies
      </Text>
      {sorted.map((m) => (
        <Row
          key={m.mouldId}
          mould={m}
          help={help.get(m.mouldId)}
          count={more[m.mouldId] ?? 0}
          onCount={(n) => onMore({ ...more, [m.mouldId]: n })}
        />
      ))}
    </Box>
  );
}

interface RowProps {
  mould: MouldRow;
  help: CopyHelp | undefined;
  count: number;
  onCount: (count: number) => void;
}

function Row({ mould, help, count, onCount }: RowProps) {
  return (
    <Flex py={1} gap={2} alignItems="center" borderBottom="1px solid" borderColor="rule">
      <Box flex={1} minW={0}>
        <Text fontWeight={600} lineHeight="1.2">
          {mould.mould}
        </Text>
        <Flex
          gap="3px"
          mt={1}
          wrap="wrap"
          role="img"
          aria-label={`${plural(mould.copies.length, 'copy')}${count > 0 ? ` and ${count} more` : ''}`}
        >
          {mould.copies.map((c) => (
            <Box key={c.copyId} w="16px" h="10px" bg="steel" borderBottomRadius="5px" />
          ))}
          {Array.from({ length: count }, (_, i) => (
            <Box
              key={i}
              w="16px"
              h="10px"
              border="2px solid"
              borderTop="0"
              borderColor="moss"
              borderBottomRadius="5px"
            />
          ))}
        </Flex>
        {help && (
          <Text textStyle="small" color="moss" fontWeight={600}>
            one more: {plural(help.fewerLateDays, 'late day')} fewer
            {help.price === undefined ? '' : `, costs ${money(help.price)}`}
          </Text>
        )}
      </Box>
      <Step
        label={`one less of ${mould.mould}`}
        off={count === 0}
        onPress={() => onCount(count - 1)}
      >
        −
      </Step>
      <Step
        label={`one more of ${mould.mould}`}
        off={count === MOST}
        onPress={() => onCount(count + 1)}
      >
        +
      </Step>
    </Flex>
  );
}

interface StepProps {
  label: string;
  off: boolean;
  onPress: () => void;
  children: string;
}

function Step({ label, off, onPress, children }: StepProps) {
  return (
    <Press
      type="button"
      aria-label={label}
      disabled={off}
      onClick={onPress}
      minW="44px"
      minH="44px"
      border="2px solid"
      borderColor={off ? 'rule' : 'steel'}
      borderRadius="4px"
      textStyle="label"
      fontSize="22px"
      color={off ? 'quiet' : 'ink'}
      cursor={off ? 'default' : 'pointer'}
    >
      {children}
    </Press>
  );
}
