import { useRef } from 'react';
import { Unanswered } from './client';
import { newKey } from './key';

/**
 * An act that is done once, however often it is pressed: its key is made at the press and stays the
 * same for the same content until the server has answered, so that a press after a lost answer is
 * the same act. What was answered, or is another content, is another act.
 */
export function useOnce<T, R>(send: (body: T, key: string) => Promise<R>) {
  const held = useRef<{ of: string; key: string }>(undefined);
  return async (body: T): Promise<R> => {
    const of = JSON.stringify(body);
    const { key } = held.current?.of === of ? held.current : { key: newKey() };
    held.current = { of, key };
    try {
      const answer = await send(body, key);
      held.current = undefined;
      return answer;
    } catch (error) {
      held.current = error instanceof Unanswered ? held.current : undefined;
      throw error;
    }
  };
}
