import { useState } from 'react';
import { Problem } from '../api/client';

/** A form's sending: whether it is under way, what was wrong, and at which field. */
export function useSubmit() {
  const [error, setError] = useState<unknown>();
  const [busy, setBusy] = useState(false);
  const submit = async (act: () => Promise<unknown>) => {
    setBusy(true);
    setError(undefined);
    try {
      await act();
    } catch (e) {
      setError(e);
    } finally {
      setBusy(false);
    }
  };
  const problemOf = (field: string) =>
    error instanceof Problem ? error.errors.find((e) => e.field === field)?.message : undefined;
  return { submit, busy, error, problemOf };
}
