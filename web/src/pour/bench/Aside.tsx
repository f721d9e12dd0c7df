import type { Step, What } from '../script/facts';
import { Otherwise } from './Otherwise';
import type { Panel } from './panels';
import { PutInPanel } from './PutInPanel';
import { RoomPanel } from './RoomPanel';
import type { BenchSettings } from './settings';
import { SettingsPanel } from './SettingsPanel';
import { SplitPanel } from './SplitPanel';
import { WhyPanel } from './WhyPanel';
import type { Bench } from '../words';

interface Props {
  panel: Panel;
  bench: Bench;
  step: Step;
  settings: BenchSettings;
  onKeep: (change: Partial<BenchSettings>) => void;
  onNote: (whats: What[]) => void;
  onPanel: (panel: Panel) => void;
}

/** What stands in the middle instead of the step at hand. */
export function Aside({ panel, bench, step, settings, onKeep, onNote, onPanel }: Props) {
  switch (panel.kind) {
    case 'otherwise':
      return <Otherwise bench={bench} step={step} onNote={onNote} onPanel={onPanel} />;
    case 'why':
      return <WhyPanel what={panel.what} onNote={onNote} />;
    case 'room':
      return <RoomPanel bench={bench} onNote={onNote} />;
    case 'split':
      return (
        <SplitPanel
          bench={bench}
          step={step}
          onNote={onNote}
          onSplit={() => onPanel({ kind: 'putIn' })}
        />
      );
    case 'putIn':
      return <PutInPanel bench={bench} step={step} onNote={onNote} />;
    case 'settings':
      return <SettingsPanel settings={settings} onKeep={onKeep} />;
  }
}
