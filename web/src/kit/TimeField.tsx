import { useState } from 'react';
import { clockTime, readTime } from './style/time';
import { TextField } from './TextField';

interface Props {
  label: string;
  /** As it travels: "07:30". */
  text: string;
  onText: (text: string) => void;
  problem?: string | undefined;
}

/** A field for a time of day: typed as people write it, shown as the shop does. */
export function TimeField({ label, text, onText, problem }: Props) {
  const [typed, setTyped] = useState<string>();
  const wrong = typed !== undefined && typed.trim() !== '' && readTime(typed) === undefined;
  return (
    <TextField
      label={label}
      text={typed ?? (text === '' ? '' : clockTime(text))}
      onText={(next) => {
        setTyped(next);
        const time = readTime(next);
        if (time !== undefined) {
          onText(time);
        }
      }}
      onLeave={() => setTyped(wrong ? typed : undefined)}
      problem={wrong ? `Write it like ${clockTime('07:30')} or ${clockTime('16:00')}.` : problem}
    />
  );
}
