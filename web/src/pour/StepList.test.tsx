import { ChakraProvider } from '@chakra-ui/react';
import { render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { system } from '../theme/theme';
import { freshDraft, take } from './draft';
import { StepList } from './StepList';
import type { Step } from './steps';

const steps: Step[] = [
  { kind: 'check', key: 'moulds', title: 'Moulds ready', note: '', lines: [] },
  { kind: 'wet', key: 'wet', title: 'Wet and mix', note: 'the clock runs' },
];

describe('the list of steps', () => {
  it('keeps the step at hand in sight, whatever the browser answers', () => {
    const seen = vi.fn(() => Promise.resolve());
    Element.prototype.scrollIntoView = seen as unknown as Element['scrollIntoView'];
    const list = (at: number) => (
      <ChakraProvider value={system}>
        <StepList steps={steps} at={at} draft={take(freshDraft('k'), 'moulds', 1)} />
      </ChakraProvider>
    );
    const { rerender } = render(list(0));
    rerender(list(1));
    expect(seen).toHaveBeenCalledTimes(2);
    expect(screen.getByText('Wet and mix').closest('li')).toHaveAttribute('aria-current', 'step');
  });
});
