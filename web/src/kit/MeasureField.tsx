import { type Measure, unitOf } from './style/units';
import { TextField } from './TextField';

interface Props {
  label: string;
  measure: Measure;
  text: string;
  onText: (text: string) => void;
  problem?: string | undefined;
}

/** A field for a number whose unit stands in its label; valueIn reads it. */
export function MeasureField({ label, measure, ...rest }: Props) {
  return <TextField label={`${label}, ${unitOf(measure)}`} {...rest} />;
}
