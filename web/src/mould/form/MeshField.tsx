import { Box, Input, Text } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { sendFile, type Schemas } from '../../api/client';
import type { paths } from '../../api/schema';
import { Choice } from '../../kit/Choice';
import { grouped } from '../../kit/style/number';
import { length, volume } from '../../kit/style/units';
import type { SolidDraft } from './draft';
import { Wrong } from '../../kit/Wrong';

/** What the file's numbers are in: the file says it, not the shop. */
type Unit = NonNullable<Query['unit']>;
type Query = NonNullable<paths['/api/calc/mesh']['post']['parameters']['query']>;

const UNITS = [
  // eslint-disable-next-line no-restricted-syntax -- as the interface to the server calls it
  ['mm', 'millimetres'],
  ['inch', 'inches'],
] as const;
type Report = Schemas['MeshCalcResponse'];

interface Props {
  draft: SolidDraft;
  onDraft: (draft: SolidDraft) => void;
}

/** A closed mesh from an STL file; measured as soon as it is chosen. */
export function MeshField({ draft, onDraft }: Props) {
  const [unit, setUnit] = useState<Unit>(UNITS[0][0]);
  const [file, setFile] = useState<File>();
  const measure = useMutation({
    meta: { asksOnly: true },
    mutationFn: (wanted: { file: File; unit: Unit }) =>
      sendFile<Report>(`/api/calc/mesh?unit=${wanted.unit}`, wanted.file),
    onSuccess: (report) => onDraft({ ...draft, mesh: report.solid }),
  });
  const report = measure.data;
  return (
    <Box mb={3}>
      <Choice
        label="The file’s numbers are"
        value={unit}
        options={UNITS}
        onValue={(next) => {
          setUnit(next);
          if (file) {
            measure.mutate({ file, unit: next });
          }
        }}
      />
      <label>
        <Text as="span" textStyle="small" color="quiet">
          STL file, text or binary, one closed body
        </Text>
        <Input
          type="file"
          accept=".stl,model/stl"
          h="56px"
          pt="13px"
          bg="panel"
          borderColor="steel"
          borderWidth="2px"
          onChange={(e) => {
            const chosen = e.target.files?.[0];
            setFile(chosen);
            if (chosen) {
              measure.mutate({ file: chosen, unit });
            }
          }}
        />
      </label>
      {measure.isPending && <Text role="status">Measuring…</Text>}
      <Wrong error={measure.error} />
      {report && !measure.isPending && (
        <Text mt={1}>
          {grouped(report.triangles)} triangles, closed · {volume(report.volumeL)} ·{' '}
          {length(report.lengthMm)} × {length(report.depthMm)} × {length(report.heightMm)}
        </Text>
      )}
      {report?.warnings.map((w) => (
        <Text key={w.code} color="ochre" fontWeight={600}>
          {w.message}
        </Text>
      ))}
    </Box>
  );
}
