import { Box, Flex, Text } from '@chakra-ui/react';
import { messageOf } from '../api/client';
import { Choice } from '../kit/Choice';
import { MeasureField } from '../kit/MeasureField';
import { Key } from '../kit/States';
import { bareEntry } from '../kit/style/entry';
import { valueIn } from '../kit/style/read';
import { isUs } from '../kit/style/style';
import { TextField } from '../kit/TextField';
import { type StampSet, useKeepSet, useStampSets } from '../server/useLettering';
import { widthsIn, widthsText } from './widths';

/** A set of stamps as it is typed. */
export interface StampDraft {
  /** The kept set that it began as. */
  seen?: StampSet;
  name: string;
  height: string;
  /** Of a stamp that has no width of its own. */
  width: string;
  letters: string;
}

const USUAL = 'A B C D E F G H I 5 J K L M 22 N O P Q R S T U V W 24 X Y Z';

/** A set that no shop has yet: capitals, an I and the broad ones of their own width. */
function usual(): StampDraft {
  return isUs()
    ? { name: '', height: '1', width: '3/4', letters: USUAL.replace(/ \d+/g, '') }
    : { name: '', height: '25', width: '18', letters: USUAL };
}

/** The width that most stamps of a set have. */
function commonMm(widthsMm: Record<string, number>): number {
  const count = new Map<number, number>();
  Object.values(widthsMm).forEach((mm) => count.set(mm, (count.get(mm) ?? 0) + 1));
  return [...count].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 18;
}

export function draftOf(set: StampSet): StampDraft {
  const usualMm = commonMm(set.stamps.widthsMm);
  return {
    seen: set,
    name: set.name,
    height: bareEntry(set.stamps.heightMm, 'length'),
    width: bareEntry(usualMm, 'length'),
    letters: widthsText(set.stamps.widthsMm, usualMm),
  };
}

/** What the page begins with: the shop’s first set, or the usual one; nothing while it loads. */
export function useFirstSet(): StampDraft | undefined {
  const { data } = useStampSets();
  const first = data?.[0];
  return data && (first ? draftOf(first) : usual());
}

interface Props {
  draft: StampDraft;
  onDraft: (draft: StampDraft) => void;
  wrong: string | undefined;
}

/** The stamps there are: a kept set, or one that is typed and can be kept. */
export function StampFields({ draft, onDraft, wrong }: Props) {
  const { data: sets } = useStampSets();
  const keep = useKeepSet();
  const set = (part: Partial<StampDraft>) => onDraft({ ...draft, ...part });
  const mm = (typed: string) => valueIn(typed, 'length') ?? 0;
  const save = () => {
    const body = {
      name: draft.name,
      stamps: {
        heightMm: mm(draft.height),
        widthsMm: widthsIn(draft.letters, mm(draft.width)).widthsMm,
      },
    };
    const own = draft.seen?.name === draft.name ? draft.seen : undefined;
    keep.mutate(own ? { seen: own, body } : { body }, {
      onSuccess: (kept) => set({ seen: kept }),
    });
  };
  return (
    <Box>
      {sets && sets.length > 0 && (
        <Box w="260px">
          <Choice
            label="the shop’s stamps"
            value={draft.seen ? String(draft.seen.id) : ''}
            options={[['', 'others'] as const, ...sets.map((s) => [String(s.id), s.name] as const)]}
            onValue={(id) => {
              const chosen = sets.find((s) => String(s.id) === id);
              onDraft(chosen ? draftOf(chosen) : usual());
            }}
          />
        </Box>
      )}
      <Flex gap={3} wrap="wrap">
        <Box w="150px">
          <MeasureField
            label="letter height"
            measure="length"
            text={draft.height}
            onText={(height) => set({ height })}
          />
        </Box>
        <Box w="170px">
          <MeasureField
            label="most stamps’ width"
            measure="length"
            text={draft.width}
            onText={(width) => set({ width })}
          />
        </Box>
        <Box flex={1} minW="300px">
          <TextField
            label="stamps, with the width of those that differ"
            text={draft.letters}
            onText={(letters) => set({ letters })}
            problem={wrong}
          />
        </Box>
      </Flex>
      <Flex gap={3} wrap="wrap" alignItems="flex-start">
        <Box w="220px">
          <TextField label="keep them as" text={draft.name} onText={(name) => set({ name })} />
        </Box>
        <Box pt="21px">
          <Key
            busy={keep.isPending}
            disabled={draft.name.trim() === '' || wrong !== undefined}
            onClick={save}
          >
            Keep these stamps
          </Key>
        </Box>
        <Text role="status" pt="36px" color={keep.error ? 'oxide' : 'quiet'}>
          {keep.error ? messageOf(keep.error) : keep.isSuccess ? 'Kept.' : ''}
        </Text>
      </Flex>
    </Box>
  );
}
