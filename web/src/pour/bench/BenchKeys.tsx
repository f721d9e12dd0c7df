import { Flex } from '@chakra-ui/react';
import { Key } from '../../kit/States';
import type { Step, What } from '../script/facts';
import { allAsAsked, allFilled, emptied, filled, openFills } from './acts';
import { addition, type Onwards } from './go';
import { putOn, tare } from './useScale';
import { type Bench, stopOf } from '../words';

interface Props {
  bench: Bench;
  step: Step;
  /** What lies on the scale. */
  kg: number | undefined;
  main: Onwards;
  /** Whether something else stands in the middle than the step. */
  aside: boolean;
  /** Whether what to do about an empty bowl is asked. */
  short: boolean;
  /** Whether the scale is the stand-in that this page may put things on. */
  standIn: boolean;
  canUndo: boolean;
  onLeave: () => void;
  onUndo: () => void;
  onBack: () => void;
  onType: () => void;
  onOtherwise: () => void;
  onGo: (go: Onwards) => void;
  onNote: (whats: What[]) => void;
}

/** The big keys at the bottom: leave, undo, what the step asks for, and what else may happen. */
export function BenchKeys(props: Props) {
  const { step, aside, short } = props;
  return (
    <Flex gap={3} px={7} pb={6} wrap="wrap">
      <Key onClick={props.onLeave}>Leave</Key>
      {aside ? (
        <Key onClick={props.onBack}>Back</Key>
      ) : (
        <>
          <Key disabled={!props.canUndo} onClick={props.onUndo}>
            Undo
          </Key>
          {!short && <StepKeys {...props} />}
          {step.kind !== 'record' && <Key onClick={props.onOtherwise}>Otherwise…</Key>}
        </>
      )}
    </Flex>
  );
}

/** What the step at hand asks for. */
function StepKeys(props: Props) {
  const { bench, step, kg, main, standIn, onNote, onGo } = props;
  const more = addition(step, kg);
  const stop = step.kind === 'fill' ? stopOf(bench.sheet, step.about) : undefined;
  const scaled = step.kind === 'weigh' || stop !== undefined;
  const askedKg = step.weigh?.askedKg ?? stop?.kg ?? 0;
  return (
    <>
      {more && <Key onClick={() => onGo(more)}>{more.words}</Key>}
      <Key main onClick={() => onGo(main)}>
        {main.words}
      </Key>
      {step.kind === 'weigh' && !step.weigh?.bitByBit && (
        <Key onClick={() => onNote(allAsAsked(step, bench.state))}>All as asked, and wet</Key>
      )}
      {step.kind === 'fill' && (
        <>
          {openFills(bench.state, step.batch).length > 1 && (
            <Key onClick={() => onNote(allFilled(step, bench.state))}>All are full</Key>
          )}
          <Key onClick={() => onNote(filled(step, false))}>Part of it</Key>
          <Key onClick={() => onNote(emptied(step, bench, true))}>The bowl is empty</Key>
        </>
      )}
      {(step.kind === 'weigh' || step.kind === 'fill') && <Key onClick={props.onType}>Type it</Key>}
      {step.kind === 'left' && <Key onClick={props.onType}>Weigh it</Key>}
      {scaled && kg !== undefined && <Key onClick={tare}>Tare</Key>}
      {scaled && standIn && (
        <Key onClick={() => putOn(askedKg - (kg ?? 0))}>Demo: pour it on the scale</Key>
      )}
    </>
  );
}
