import { useQuery } from '@tanstack/react-query';
import { client, dataOf } from '../api/client';
import { plural } from '../kit/format';
import { figures } from '../kit/style/number';
import { LearnedRow } from './LearnedRow';
import type { RecipeData } from '../server/useRecipes';
import { keyOf } from '../server/keys';

type Part = Partial<RecipeData['kept']>;

/** Nearer than this to what is used, hours, there is nothing to change. */
const ALIKE_H = 0.05;

interface Props {
  id: number;
  latest: boolean;
  onUse: (part: Part) => void;
}

/** What hands said of its demould age and its green window, and how to use it. */
export function TouchRows({ id, latest, onUse }: Props) {
  const { data } = useQuery({
    queryKey: keyOf('recipe', String(id), 'touch'),
    queryFn: () => dataOf(client.GET('/api/recipes/{id}/touch', { params: { path: { id } } })),
  });
  if (!data) {
    return null;
  }
  const { learned } = data;
  const marks = learned.tooGreen + learned.fine + learned.tooHard;
  const evidence =
    marks === 0
      ? 'no mark yet'
      : `from ${plural(marks, 'mark')}: ${learned.tooGreen} too green, ${learned.fine} fine, ${learned.tooHard} too hard`;
  return (
    <>
      <Row
        what="hours of age to demould, by touch"
        learned={learned.demouldAgeH}
        used={data.demouldAgeUsedH}
        evidence={learned.against > 0 ? `${evidence}; ${learned.against} against it` : evidence}
        latest={latest}
        onUse={(value) => onUse({ demouldAgeH: value })}
      />
      <Row
        what="hours of age until it is too hard to trim, by touch"
        learned={learned.greenUntilAgeH}
        used={data.greenUntilUsedH}
        evidence={evidence}
        latest={latest}
        onUse={(value) => onUse({ greenUntilAgeH: value })}
      />
    </>
  );
}

interface RowProps {
  what: string;
  learned: number | undefined;
  used: number | undefined;
  evidence: string;
  latest: boolean;
  onUse: (value: number) => void;
}

function Row({ what, learned, used, evidence, latest, onUse }: RowProps) {
  const differs = learned !== undefined && Math.abs(learned - (used ?? 0)) > ALIKE_H;
  return (
    <LearnedRow
      value={learned === undefined ? '–' : figures(learned)}
      what={what}
      evidence={`${evidence}; used with ${used === undefined ? 'none' : figures(used)}`}
      onUse={differs && latest ? () => onUse(learned) : undefined}
    />
  );
}
