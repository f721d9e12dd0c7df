import { Flex } from '@chakra-ui/react';
import { benchMass } from '../kit/style/bench';
import { Key } from '../kit/States';
import { PLACING } from './placing';
import type { Step } from './steps';
import { putOn, type Reading, tare } from './useScale';
import { scaleKg } from './WeighView';

interface Props {
  step: Step;
  reading: Reading | undefined;
  addedKg: number;
  typed: string | undefined;
  demo: boolean;
  busy: boolean;
  /** What went in as asked, or whether it is to be booked over a short stock. */
  short: boolean;
  canUndo: boolean;
  onLeave: () => void;
  onUndo: () => void;
  onType: () => void;
  onTakeTyped: () => void;
  /** What went in, and whether that is only what was asked. */
  onNext: (actualKg?: number, assumed?: boolean) => void;
  onAdd: (kg: number) => void;
  onBook: () => void;
}

const ONWARDS: Partial<Record<Step['kind'], string>> = {
  check: 'Done, go on',
  wet: 'Wet now',
  left: 'Placed, go on',
};

/** The big keys at the bottom: leave, undo, and what the step asks for. */
export function BenchKeys(props: Props) {
  const { step, reading, addedKg, typed, demo, busy, short } = props;
  const kg = scaleKg(reading);
  const onwards = step.kind === 'tap' ? PLACING[step.placement].done : ONWARDS[step.kind];
  // What comes next is weighed from nothing: tared between, as at any bench.
  const takeReading = (shown: number | undefined, instead?: number) => {
    if (shown !== undefined) {
      tare();
    }
    props.onNext(shown ?? instead, shown === undefined);
  };
  return (
    <Flex gap={4} px={7} pb={7} wrap="wrap">
      <Key onClick={props.onLeave}>Leave</Key>
      <Key disabled={!props.canUndo} onClick={props.onUndo}>
        Undo
      </Key>
      {typed !== undefined && (
        <Key main onClick={props.onTakeTyped}>
          Take what I typed
        </Key>
      )}
      {typed === undefined && step.kind === 'weigh' && (
        <>
          {step.portions ? (
            <>
              {kg !== undefined && (
                <Key
                  onClick={() => {
                    tare();
                    props.onAdd(kg);
                  }}
                >
                  Add {benchMass(kg)}
                </Key>
              )}
              <Key
                main
                onClick={() => props.onNext(addedKg > 0 ? addedKg : step.askedKg, addedKg <= 0)}
              >
                {addedKg > 0
                  ? `It flows with ${benchMass(addedKg)}`
                  : `${benchMass(step.askedKg)} went in`}
              </Key>
            </>
          ) : (
            <Key main onClick={() => takeReading(kg, step.askedKg)}>
              {kg === undefined
                ? `${benchMass(step.askedKg)} went in`
                : `Take ${benchMass(kg)} as it is`}
            </Key>
          )}
          <Key onClick={props.onType}>Type it</Key>
          {kg !== undefined && <Key onClick={tare}>Tare</Key>}
          {demo && (
            <Key onClick={() => putOn(step.askedKg - (kg ?? 0))}>Demo: pour it on the scale</Key>
          )}
        </>
      )}
      {typed === undefined && step.kind === 'fill' && (
        <>
          <Key main onClick={() => takeReading(step.stopAtKg === undefined ? undefined : kg)}>
            {step.copy} is full
          </Key>
          {step.stopAtKg !== undefined && <Key onClick={tare}>Tare</Key>}
          {step.stopAtKg !== undefined && demo && (
            <Key onClick={() => putOn((step.stopAtKg ?? 0) - (kg ?? 0))}>
              Demo: pour it on the scale
            </Key>
          )}
        </>
      )}
      {typed === undefined && onwards && (
        <Key main onClick={() => props.onNext()}>
          {onwards}
        </Key>
      )}
      {typed === undefined && step.kind === 'left' && <Key onClick={props.onType}>Weigh it</Key>}
      {step.kind === 'done' && (
        <Key main busy={busy} onClick={props.onBook}>
          {short ? 'Poured anyway' : 'Poured'}
        </Key>
      )}
    </Flex>
  );
}
