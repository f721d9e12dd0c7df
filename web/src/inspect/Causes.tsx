import { Box, Flex, Text } from '@chakra-ui/react';
import { Link } from '../kit/Link';
import { Choice } from '../kit/Choice';
import { TextField } from '../kit/TextField';
import { asked, tell } from './tell';
import { type Cause, type Defect, type Told, useCauses } from '../server/useInspect';
import { unitOf } from '../kit/style/units';
import { useState } from 'react';

const VERDICT: Record<Cause['verdict'], string> = {
  speaksFor: 'speaks for it',
  notKnown: 'not known',
  speaksAgainst: 'speaks against it',
};

interface Props {
  pieceId: number;
  defect: Defect;
  told: Told;
  onTold: (told: Told) => void;
}

/** The likely causes, each with the fact that bears on it and what to change. */
export function Causes({ pieceId, defect, told, onTold }: Props) {
  const { data } = useCauses(pieceId, defect, told);
  return (
    <Box as="ol" listStyleType="none" aria-label="Likely causes">
      {data?.map((cause, i) => {
        const ask = cause.asks && asked(cause.asks);
        const name = cause.asks;
        return (
          <Box
            as="li"
            key={cause.cause}
            borderLeft="4px solid"
            borderColor={cause.verdict === 'speaksFor' ? 'oxide' : 'rule'}
            pl={3}
            py={1}
            mb={3}
            color={cause.verdict === 'speaksAgainst' ? 'quiet' : undefined}
          >
            <Text fontWeight={600} fontSize={i === 0 ? '20px' : '17px'}>
              {cause.name}
            </Text>
            <Text>
              {cause.part && (
                <Link to={`/pieces/${cause.part.pieceId}`}>
                  {cause.part.product}, piece {cause.part.pieceId}:{' '}
                </Link>
              )}
              {cause.fact ?? 'The records do not say.'}{' '}
              <Text as="span" color={cause.verdict === 'speaksFor' ? 'oxide' : 'quiet'}>
                ({VERDICT[cause.verdict]})
              </Text>
            </Text>
            {cause.verdict !== 'speaksAgainst' && <Text color="quiet">{cause.change}</Text>}
            {ask && name && (
              <Flex maxW="260px" mt={1}>
                {ask.yesNo ? (
                  <Choice
                    label={ask.ask}
                    value={name in told ? String((told as Record<string, number>)[name]) : ''}
                    options={[
                      ['', 'not known'] as const,
                      ['1', 'yes'] as const,
                      ['0', 'no'] as const,
                    ]}
                    onValue={(value) => onTold(tell(told, name, value))}
                  />
                ) : (
                  <ToldField
                    label={ask.measure ? `${ask.ask}, ${unitOf(ask.measure)}` : ask.ask}
                    onText={(text) => onTold(tell(told, name, text))}
                  />
                )}
              </Flex>
            )}
          </Box>
        );
      })}
    </Box>
  );
}

/** Keeps what is typed, whatever is read of it. */
function ToldField({ label, onText }: { label: string; onText: (text: string) => void }) {
  const [text, setText] = useState('');
  return (
    <TextField
      label={label}
      text={text}
      onText={(next) => {
        setText(next);
        onText(next);
      }}
    />
  );
}
