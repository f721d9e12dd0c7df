import { useEffect, useEffectEvent, useRef } from 'react';
import { type Reading, scaleKg } from './useScale';

/** A reading counts once it was steady within tolerance for so long (common practice). */
const STEADY_MS = 2_000;

interface Wanted {
  /** The step; a new one begins to wait anew. */
  key: string;
  askedKg: number;
  toleranceKg: number;
}

/** Takes a reading by itself once it has been steady within tolerance for two seconds. */
export function useTakesItself(
  wanted: Wanted | undefined,
  reading: Reading | undefined,
  take: (kg: number) => void,
): void {
  const since = useRef<{ key: string; at: number } | undefined>(undefined);
  const taken = useEffectEvent(take);
  useEffect(() => {
    const kg = scaleKg(reading);
    const right =
      wanted !== undefined &&
      kg !== undefined &&
      reading?.steady === true &&
      Math.abs(kg - wanted.askedKg) <= wanted.toleranceKg;
    if (!right) {
      since.current = undefined;
      return;
    }
    const now = performance.now();
    if (since.current?.key !== wanted.key) {
      since.current = { key: wanted.key, at: now };
    } else if (now - since.current.at >= STEADY_MS) {
      since.current = undefined;
      sound();
      taken(kg);
    }
  }, [wanted, reading]);
}

/** Space goes on and Backspace takes back, wherever no field or key has the focus. */
export function usePedal(onNext: () => void, onBack: () => void): void {
  const next = useEffectEvent(onNext);
  const back = useEffectEvent(onBack);
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      const at = document.activeElement;
      if (at?.closest('button, input, textarea, select, a, [role="switch"]') || e.repeat) {
        return;
      }
      if (e.key === ' ') {
        e.preventDefault();
        next();
      } else if (e.key === 'Backspace') {
        e.preventDefault();
        back();
      }
    };
    addEventListener('keydown', press);
    return () => removeEventListener('keydown', press);
  }, []);
}

export function canSpeak(): boolean {
  return 'speechSynthesis' in globalThis;
}

/** Says what is next, once it changes. */
export function useVoice(on: boolean, words: string): void {
  useEffect(() => {
    if (on && canSpeak() && words) {
      speechSynthesis.cancel();
      speechSynthesis.speak(new SpeechSynthesisUtterance(words));
    }
  }, [on, words]);
}

/** A short high tone: taken. */
function sound(): void {
  if (typeof AudioContext === 'undefined') {
    return;
  }
  const audio = new AudioContext();
  const tone = audio.createOscillator();
  const loud = audio.createGain();
  tone.frequency.value = 880;
  loud.gain.value = 0.15;
  tone.connect(loud).connect(audio.destination);
  tone.start();
  tone.stop(audio.currentTime + 0.18);
  tone.onended = () => void audio.close();
}
