import { Box, Flex, Grid } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { SECOND_MS, useNow, useWorkshop } from '../../server/useWorkshop';
import { lastPress, type Session, type What } from '../script/facts';
import { addedTo, filled, shortage, weighed } from './acts';
import { Aside } from './Aside';
import { BenchHead } from './BenchHead';
import { BenchKeys } from './BenchKeys';
import { Findings } from './Findings';
import { onwards, type Onwards } from './go';
import { usePedal, useTakesItself, useVoice } from './hands';
import type { Panel } from './panels';
import { type BenchSettings } from './settings';
import { ShortView } from './ShortView';
import { StepList } from './StepList';
import { StepView } from './StepView';
import { TypePanel } from './TypePanel';
import { scaleKg, tare, useScale } from './useScale';
import { Vessels } from './Vessels';
import { type Bench as At, said } from '../words';
import { benchMass } from '../../kit/style/bench';
import type { Sheet } from '../../server/usePour';

interface Props {
  session: Session;
  sheet: Sheet;
  practice?: boolean;
  /** What stands under the step: what waits, what was refused, what practice does. */
  below?: React.ReactNode;
  settings: BenchSettings;
  onKeep: (change: Partial<BenchSettings>) => void;
  onNote: (whats: What[]) => void;
  onUndo: () => void;
}

/** Where we are on the left, one thing in the middle, the moulds on the right, keys below. */
export function Bench(props: Props) {
  const { session, sheet, practice = false, below, settings, onKeep } = props;
  const [panel, setPanel] = useState<Panel | undefined>();
  const [typing, setTyping] = useState(false);
  const [gone, setGone] = useState<string>();
  const { data: workshop } = useWorkshop();
  const navigate = useNavigate();
  const now = useNow(SECOND_MS);
  const state = session.state;
  const bench: At = useMemo(() => ({ session, sheet, state }), [session, sheet, state]);
  const next = state.steps.find((s) => s.status === 'now') ?? state.steps.at(-1);
  const step = state.steps.find((s) => s.key === gone && s.status === 'later') ?? next;
  const weighs = step?.kind === 'weigh' || step?.kind === 'fill';
  const reading = useScale(weighs);
  const kg = scaleKg(reading);
  const settle = () => {
    setPanel(undefined);
    setTyping(false);
    setGone(undefined);
  };
  const onNote = (whats: What[]) => {
    settle();
    props.onNote(whats);
  };
  const go = ({ whats, tares }: Onwards) => {
    if (tares) {
      tare();
    }
    onNote(whats);
  };
  const onUndo = () => {
    settle();
    props.onUndo();
  };
  const aside = panel !== undefined || typing;
  const main = step && onwards(bench, step, kg);
  const wanted = useMemo(
    () =>
      settings.takesItself && step?.weigh && !step.weigh.bitByBit && !aside
        ? {
            key: step.key,
            askedKg: step.weigh.askedKg,
            toleranceKg: step.weigh.toleranceKg,
          }
        : undefined,
    [settings.takesItself, step, aside],
  );
  useTakesItself(wanted, reading, () => main && go(main));
  usePedal(
    () => !aside && main && go(main),
    () => !aside && onUndo(),
  );
  useVoice(
    settings.speaks,
    step ? `${said(bench, step).title}. ${step.weigh ? benchMass(step.weigh.askedKg) : ''}` : '',
  );
  if (!step || !main) {
    return null;
  }
  const short = step.kind === 'fill' ? shortage(state, step.batch) : undefined;
  const dry = (state.batches.find((b) => b.batch === step.batch)?.leftKg ?? 1) <= 1e-6;
  const weighing = step.weigh && kg !== undefined ? Math.min(1, kg / step.weigh.askedKg) : 0;
  return (
    <Flex direction="column" minH="100vh" h={{ lg: '100vh' }} as="main">
      <BenchHead
        bench={bench}
        now={now}
        settings={settings}
        practice={practice}
        onSettings={() => setPanel({ kind: 'settings' })}
      />
      <Grid
        flex={1}
        minH={0}
        templateColumns={{ base: '1fr', md: '240px 1fr', lg: '260px 1fr 320px' }}
        gap={8}
        px={7}
        py={5}
      >
        <StepList bench={bench} at={step} onGo={setGone} />
        <Box
          as="section"
          aria-label="Step at hand"
          aria-live="polite"
          minW={0}
          overflowY={{ lg: 'auto' }}
          tabIndex={0}
          outline="none"
        >
          {typing ? (
            <TypePanel
              bench={bench}
              step={step}
              onTyped={(typed) =>
                onNote(
                  step.kind === 'weigh'
                    ? step.weigh?.bitByBit
                      ? addedTo(step, typed, 'typed')
                      : weighed(step, typed, 'typed')
                    : step.kind === 'fill'
                      ? filled(step, step.fill?.whole ?? true, { kg: typed, source: 'typed' })
                      : [{ kind: 'leftWeighed', kg: typed, source: 'typed' }],
                )
              }
            />
          ) : panel ? (
            <Aside
              panel={panel}
              bench={bench}
              step={step}
              settings={settings}
              onKeep={onKeep}
              onNote={onNote}
              onPanel={setPanel}
            />
          ) : short && dry ? (
            <ShortView bench={bench} step={step} short={short} onNote={onNote} />
          ) : (
            <>
              <StepView bench={bench} step={step} reading={reading} now={now} onNote={onNote} />
              <Findings state={state} step={step} onNote={onNote} />
            </>
          )}
          {below}
        </Box>
        <Vessels bench={bench} at={step} weighing={weighing} />
      </Grid>
      <BenchKeys
        bench={bench}
        step={step}
        kg={kg}
        main={main}
        aside={aside}
        short={short !== undefined && dry}
        standIn={practice || (workshop?.demo ?? false)}
        canUndo={lastPress(session.facts).length > 0}
        onLeave={() => void navigate('/pour')}
        onUndo={onUndo}
        onBack={settle}
        onType={() => setTyping(true)}
        onOtherwise={() => setPanel({ kind: 'otherwise' })}
        onGo={go}
        onNote={onNote}
      />
    </Flex>
  );
}
