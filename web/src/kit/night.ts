import { useState } from 'react';

const KEY = 'ironshelf-night';

/** Whether the pages are dark, kept on this device. */
export function useNight() {
  const [on, setOn] = useState(() => localStorage.getItem(KEY) === 'yes');
  const flip = () => {
    localStorage.setItem(KEY, on ? 'no' : 'yes');
    setOn(!on);
  };
  return { on, flip };
}
