import { useEffect, useState } from 'react';
import { client, type Schemas } from '../../api/client';

export type Reading = Schemas['ScaleReading'];

/** What the bench scale shows, as it comes; undefined while there is none. */
export function useScale(on: boolean): Reading | undefined {
  const [reading, setReading] = useState<Reading>();
  useEffect(() => {
    if (!on || typeof EventSource === 'undefined') {
      return;
    }
    const source = new EventSource('/api/stand-ins/scale/stream');
    source.onmessage = (e) => setReading(JSON.parse(String(e.data)) as Reading);
    // The browser connects again by itself; until then there is no reading.
    source.onerror = () => setReading(undefined);
    return () => {
      source.close();
      setReading(undefined);
    };
  }, [on]);
  return reading;
}

export function tare(): void {
  client.POST('/api/stand-ins/scale/tare').catch(notReached);
}

/** The demo's hand: puts so much more on the stand-in. */
export function putOn(moreKg: number): void {
  client.POST('/api/stand-ins/scale', { body: { moreKg } }).catch(notReached);
}

/** A scale that is not reached shows no reading, which says it all. */
function notReached(): void {}

/** What counts as a reading: something stands on a scale that works. */
export function scaleKg(reading: Reading | undefined): number | undefined {
  return reading?.state === 'weighing' && reading.kg !== undefined && Math.abs(reading.kg) >= 0.002
    ? reading.kg
    : undefined;
}
