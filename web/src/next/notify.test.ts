// @vitest-environment jsdom
import { beforeEach, expect, it } from 'vitest';
import type { Group } from '../server/useShelf';
import { called, chooseSteps, chosenSteps } from './notify';

beforeEach(() => localStorage.clear());

it('calls for what was chosen, and for the usual steps before', () => {
  const groups = [{ step: 'demould' }, { step: 'pack' }, {}] as unknown as Group[];
  expect(called(groups).map((g) => g.step)).toEqual(['demould']);
  chooseSteps(['pack']);
  expect(called(groups).map((g) => g.step)).toEqual(['pack']);
  localStorage.setItem('ironshelf.notify', 'nonsense');
  expect(chosenSteps()).toContain('demould');
});
