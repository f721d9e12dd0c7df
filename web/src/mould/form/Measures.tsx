import { Grid } from '@chakra-ui/react';
import { MeasureField } from '../../kit/MeasureField';
import { QuantityField } from '../../kit/QuantityField';
import { TextField } from '../../kit/TextField';
import type { Field } from './fields';

interface Props {
  fields: Field[];
  texts: Record<string, string>;
  /** Stands before each name, where several shapes keep their texts together. */
  prefix?: string;
  onText: (name: string, text: string) => void;
  problemOf: (field: string) => string | undefined;
}

/** The measures of a shape, side by side. */
export function Measures({ fields, texts, prefix = '', onText, problemOf }: Props) {
  return (
    <Grid templateColumns={{ base: '1fr 1fr', xl: '1fr 1fr 1fr' }} columnGap={3}>
      {fields.map((field) => {
        const name = prefix + field.name;
        const text = texts[name] ?? '';
        const problem = problemOf(field.name);
        if (field.dimension === 'area') {
          return (
            <MeasureField
              key={name}
              label={field.label}
              measure="area"
              text={text}
              onText={(t) => onText(name, t)}
              problem={problem}
            />
          );
        }
        return field.dimension === 'number' ? (
          <TextField
            key={name}
            label={field.label}
            text={text}
            onText={(t) => onText(name, t)}
            problem={problem}
          />
        ) : (
          <QuantityField
            key={name}
            label={field.label}
            text={text}
            onText={(t) => onText(name, t)}
            dimension={field.dimension}
            problem={problem}
          />
        );
      })}
    </Grid>
  );
}
