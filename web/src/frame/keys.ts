import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { places } from './places';

/** Alt and a digit go to a page; ? shows the keys, outside of fields. */
export function useKeys() {
  const [shown, setShown] = useState(false);
  const navigate = useNavigate();
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const place = places.find((p) => e.altKey && e.code === `Digit${p.key}`);
      if (place) {
        e.preventDefault();
        void navigate(place.path);
      }
      const inField = e.target instanceof HTMLElement && e.target.closest('input, textarea');
      if (e.key === '?' && !inField) {
        setShown(true);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [navigate]);
  return { shown, show: () => setShown(true), hide: () => setShown(false) };
}
