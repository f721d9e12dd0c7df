import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { show } from '../test-shop';
import { Hint } from './Hint';
import { WORDS } from './words';
import { WordsPage } from '../words/WordsPage';

describe('what the words mean', () => {
  it('has each in the order of the alphabet, in a sentence', () => {
    const words = Object.keys(WORDS);
    expect(words).toEqual([...words].sort());
    Object.values(WORDS).forEach((meaning) => expect(meaning).toMatch(/^[A-Z].+\.$/));
  });

  it('finds one by what it says', () => {
    show(<WordsPage />);
    fireEvent.change(screen.getByLabelText('word'), { target: { value: 'pot life' } });
    expect(screen.getByText('working time')).toBeVisible();
    expect(screen.queryByText('route')).toBeNull();
    fireEvent.change(screen.getByLabelText('word'), { target: { value: 'zzz' } });
    expect(screen.getByText('No such word here')).toBeVisible();
  });

  it('is said at a label by the same words', () => {
    show(<Hint word="retention">dry over wet</Hint>);
    expect(screen.queryByText(WORDS.retention)).toBeNull();
    const key = screen.getByRole('button', { name: 'What is retention?' });
    fireEvent.click(key);
    expect(screen.getByText(WORDS.retention)).toBeVisible();
    expect(key).toHaveAttribute('aria-expanded', 'true');
  });
});
