import { Box, Grid } from '@chakra-ui/react';
import { Choice } from '../../kit/Choice';
import { unitOf } from '../../kit/style/units';
import { Caution } from '../../kit/States';
import { TextField } from '../../kit/TextField';
import type { Draft } from './draft';

/** People, hours, a tent, and which orders. */
export function Others({
  draft,
  tent,
  onDraft,
}: {
  draft: Draft;
  tent: { celsius: string; pieces: string };
  onDraft: (changed: Partial<Draft>) => void;
}) {
  return (
    <Box mb={3}>
      <Grid templateColumns="1fr 1fr" columnGap={3}>
        <Choice
          label="more people"
          value={draft.people}
          options={['0', '1', '2', '3'].map((n) => [n, n] as const)}
          onValue={(people) => onDraft({ people })}
        />
        <Choice
          label="each day is longer by"
          value={draft.minutes}
          options={[
            ['0', 'nothing'] as const,
            ['60', 'an hour'] as const,
            ['120', 'two hours'] as const,
          ]}
          onValue={(minutes) => onDraft({ minutes })}
        />
        <Choice
          label="on Saturdays too"
          value={draft.saturday}
          options={[['', 'as it is'] as const, ['yes', 'yes'] as const]}
          onValue={(saturday) => onDraft({ saturday })}
        />
        <Choice
          label="a heated tent to set in"
          value={draft.tent}
          options={[['', 'none more'] as const, ['yes', 'yes'] as const]}
          onValue={(tent) => onDraft({ tent })}
        />
        {draft.tent && (
          <>
            <TextField
              label={`it keeps, ${unitOf('temperature')}`}
              text={tent.celsius}
              onText={(celsius) => onDraft({ celsius })}
            />
            <TextField
              label="it holds, pieces"
              text={tent.pieces}
              onText={(pieces) => onDraft({ pieces })}
            />
          </>
        )}
      </Grid>
      {draft.tent && (
        <Caution
          line="Cover what stands in the tent, or it dries out."
          more="A heater goes by its own instructions, away from the sheeting, and not unwatched; nothing that burns fuel in a closed room."
        />
      )}
      <Choice
        label="orders"
        value={draft.expected}
        options={[
          ['', 'those there are'] as const,
          ['yes', 'and those of the last 13 weeks again'] as const,
        ]}
        onValue={(expected) => onDraft({ expected })}
      />
    </Box>
  );
}
