import { describe, expect, it } from 'vitest';
import type { SceneEntry } from '../src/api/api';
import { sifted, size } from '../src/shared/facts';

const scene = (name: string, more: Partial<SceneEntry> = {}): SceneEntry => ({
  id: name,
  name,
  triangles: 1,
  objects: 1,
  notes: [],
  createdAt: '2026-01-01T00:00:00Z',
  openedAt: null,
  upAxis: 'Y',
  unit: null,
  asked: false,
  bytes: 1,
  cover: '',
  ...more,
});

describe('the list of scenes', () => {
  it('finds names that hold all words, in any order and case', () => {
    const all = [scene('Tall ship'), scene('Small SHIP'), scene('Pier 10'), scene('Pier 9')];
    expect(sifted(all, ' ship tall', 'name').map((s) => s.name)).toEqual(['Tall ship']);
    expect(sifted(all, '', 'name').map((s) => s.name)).toEqual(['Pier 9', 'Pier 10', 'Small SHIP', 'Tall ship']);
  });

  it('puts what was opened last first, and what was never opened by when it came', () => {
    const all = [
      scene('old', { openedAt: '2026-02-01T00:00:00Z' }),
      scene('new', { createdAt: '2026-03-01T00:00:00Z' }),
      scene('seen', { openedAt: '2026-04-01T00:00:00Z' }),
    ];
    expect(sifted(all, '', 'seen').map((s) => s.name)).toEqual(['seen', 'new', 'old']);
  });

  it('tells sizes in thousands', () => {
    expect(size(0)).toBe('0 byte');
    expect(size(999)).toBe('999 byte');
    expect(size(1000)).toBe('1 kB');
    expect(size(12_345_678)).toBe('12.3 MB');
    expect(size(5e12)).toBe('5,000 GB');
  });
});
