import { describe, expect, it, vi } from 'vitest';
import { isOlder, noteBuild, onOlder } from './build';

const of = (build?: string) =>
  new Response('', build ? { headers: { 'Interface-Build': build } } : {});

describe('a page that was opened before an upgrade', () => {
  it('is told once, by the first answer of another build', () => {
    const tell = vi.fn();
    onOlder(tell);
    noteBuild(of(), 'index-a.js');
    noteBuild(of('index-a.js'), 'index-a.js');
    // One that is being developed has no build.
    noteBuild(of('index-b.js'), undefined);
    expect(isOlder()).toBe(false);
    noteBuild(of('index-b.js'), 'index-a.js');
    noteBuild(of('index-b.js'), 'index-a.js');
    expect(isOlder()).toBe(true);
    expect(tell).toHaveBeenCalledTimes(1);
  });
});
