let heard: Set<string> | undefined;

/** Sounds once for each clock that has become due since the page was opened. */
export function chime(dueKeys: string): void {
  const due = dueKeys.split(' ').filter(Boolean);
  const before = heard;
  heard = new Set([...(before ?? []), ...due]);
  if (!before || due.every((key) => before.has(key)) || !('AudioContext' in window)) {
    return;
  }
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
