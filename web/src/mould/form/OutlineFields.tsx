import { Box, Text, Textarea } from '@chakra-ui/react';
import { Choice } from '../../kit/Choice';
import type { SolidDraft } from './draft';
import { OUTLINES, READY_FIELDS } from './fields';
import { Measures } from './Measures';
import { PointTable } from './PointTable';

interface Props {
  draft: SolidDraft;
  onDraft: (draft: SolidDraft) => void;
  onText: (name: string, text: string) => void;
  problemOf: (field: string) => string | undefined;
}

/** An outline: a ready one, a path from a drawing, or its points with arcs. */
export function OutlineFields({ draft, onDraft, onText, problemOf }: Props) {
  const by = draft.outlineBy;
  return (
    <Box>
      <Choice
        label="The outline is"
        value={by}
        options={OUTLINES}
        onValue={(outlineBy) => onDraft({ ...draft, outlineBy })}
      />
      {by === 'svg' && (
        <label>
          <Text as="span" textStyle="small" color="quiet">
            The path’s data, one unit to the millimetre: the d of one closed path
          </Text>
          <Textarea
            value={draft.svgPath}
            onChange={(e) => onDraft({ ...draft, svgPath: e.target.value })}
            rows={3}
            bg="panel"
            borderColor="steel"
            borderWidth="2px"
            mb={3}
          />
        </label>
      )}
      {by === 'points' && (
        <PointTable
          points={draft.points}
          columns={['x', 'y', 'arc out']}
          onPoints={(points) => onDraft({ ...draft, points })}
        />
      )}
      {by !== 'svg' && by !== 'points' && (
        <Measures
          fields={READY_FIELDS[by]}
          texts={draft.texts}
          prefix={`${by}.`}
          onText={onText}
          problemOf={problemOf}
        />
      )}
    </Box>
  );
}
