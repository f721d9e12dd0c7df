import { Box } from '@chakra-ui/react';
import { Choice } from '../../kit/Choice';
import { KIND_NAMES, type Kind } from '../words';
import { freshSolid, type SolidDraft } from './draft';
import { FIELDS } from './fields';
import { MeasuredFields } from './MeasuredFields';
import { Measures } from './Measures';
import { MeshField } from './MeshField';
import { OutlineFields } from './OutlineFields';
import { ProfileFields } from './ProfileFields';
import { Wrong } from '../../kit/Wrong';

const DRAWN: Kind[] = [
  'cone',
  'cylinder',
  'box',
  'pyramid',
  'sphere',
  'polygonPrism',
  'outline',
  'revolved',
  'mesh',
];

interface Props {
  label: string;
  draft: SolidDraft;
  onDraft: (draft: SolidDraft) => void;
  /** Cavities may be measured instead of drawn. */
  measurable?: boolean;
  problem: string | undefined;
  problemOf: (field: string) => string | undefined;
}

/** A shape: its kind, and what that kind needs to be known. */
export function SolidFields(props: Props) {
  const { label, draft, onDraft, measurable = false, problem, problemOf } = props;
  const kinds = measurable ? [...DRAWN, 'measured' as const, 'sheet' as const] : DRAWN;
  const onText = (name: string, text: string) =>
    onDraft({ ...draft, texts: { ...draft.texts, [name]: text } });
  const own = problemOf('') ?? problem;
  return (
    <Box>
      <Choice
        label={label}
        value={draft.kind}
        options={kinds.map((k) => [k, KIND_NAMES[k]] as const)}
        onValue={(kind) => onDraft({ ...freshSolid(kind), texts: draft.texts })}
      />
      {draft.kind === 'outline' && (
        <OutlineFields draft={draft} onDraft={onDraft} onText={onText} problemOf={problemOf} />
      )}
      {draft.kind === 'revolved' && <ProfileFields draft={draft} onDraft={onDraft} />}
      {draft.kind === 'mesh' && <MeshField draft={draft} onDraft={onDraft} />}
      {draft.kind === 'measured' && (
        <MeasuredFields onVolume={(litres) => onText('volumeL', litres)} />
      )}
      <Measures
        fields={FIELDS[draft.kind]}
        texts={draft.texts}
        onText={onText}
        problemOf={problemOf}
      />
      <Wrong error={own} mb={2} />
    </Box>
  );
}
