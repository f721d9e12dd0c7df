let heard: Set<string> | undefined;

/**
 * Sounds once for all that has become due since the page was opened, or since the last time.
 *
 * @returns the keys that are new
 */
export function chime(due: string[]): string[] {
  const before = heard;
  heard = new Set([...(before ?? []), ...due]);
  const fresh = before ? due.filter((key) => !before.has(key)) : [];
  if (fresh.length > 0 && 'AudioContext' in window) {
    sound();
  }
  return fresh;
}

function sound(): void {
  const audio = new AudioContext();
  const tone = audio.createOscillator();
  const volume = audio.createGain();
  tone.frequency.value = 660;
  volume.gain.setValueAtTime(0.2, audio.currentTime);
  volume.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 0.8);
  tone.connect(volume).connect(audio.destination);
  tone.start();
  tone.stop(audio.currentTime + 0.8);
  tone.onended = () => void audio.close();
}
