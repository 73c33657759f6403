import { act, cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { Scene } from '../api/client';
import { answered, field, onDesk } from '../test/desk';
import { Plate } from './Plate';

const SCENE: Scene = {
  id: 'bit',
  title: 'The bit to grind',
  left: 0,
  bottom: 10,
  width: 100,
  height: 74,
  scale: 1,
  scaleNote: 'to scale',
  strokes: [
    { role: 'GROUND', path: 'M0,0L10,0L10,10Z', closed: true },
    { role: 'CUTTING_EDGE', path: 'M0,0L10,10', closed: false },
  ],
  labels: [
    { role: 'CAPTION', at: { x: 50, y: 20 }, anchor: 'MIDDLE', text: 'from above', field: '', name: '' },
    { role: 'DIMENSION', at: { x: 25, y: 47 }, anchor: 'END', text: '14°', field: 'sideRake', name: 'Side rake' },
  ],
};

const plate = (still = false) =>
  onDesk(<Plate scene={SCENE} still={still} />, {}, answered({ fields: [field('sideRake', '14°')] }));

describe('a drawing on the plate', () => {
  afterEach(cleanup);

  it('has a path for each stroke in its role, y up', () => {
    const { container } = plate();
    const paths = [...container.querySelectorAll('path')];
    expect(paths.map((path) => path.getAttribute('class'))).toEqual(['s-ground s-closed', 's-cutting-edge']);
    expect(paths[0]?.getAttribute('d')).toBe('M0,0L10,0L10,10Z');
    expect(paths[0]?.parentElement?.getAttribute('transform')).toBe('translate(0 84) scale(1 -1)');
  });

  it('puts words where they belong on it, y down', () => {
    const { container } = plate();
    const words = container.querySelector('text');
    expect(words?.textContent).toBe('from above');
    expect([words?.getAttribute('x'), words?.getAttribute('y'), words?.getAttribute('text-anchor')]).toEqual([
      '50',
      '64',
      'middle',
    ]);
  });

  it('puts a value that can be typed over its place as an input', () => {
    const { container } = plate();
    const at = container.querySelector<HTMLElement>('.plate-at');
    expect(at?.className).toContain('plate-end');
    expect(at?.style.left).toBe('25%');
    expect(at?.style.top).toBe('50%');
    expect(screen.getByLabelText<HTMLInputElement>('sideRake').value).toBe('14°');
  });

  it('is words alone on a card, with the names of what they measure', () => {
    const { container } = plate(true);
    expect(container.querySelector('input')).toBeNull();
    expect([...container.querySelectorAll('text')].map((at) => at.textContent)).toEqual(['from above', 'Side rake14°']);
  });

  it('tells who cannot see it what it shows and how large', () => {
    plate();
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe('The bit to grind. to scale');
  });

  it('shows the value that the answer brought without drawing anew', () => {
    const { plan, container } = plate();
    const path = container.querySelector('path');
    act(() => plan.put({ ...plan.now, fields: new Map([['sideRake', field('sideRake', '12°')]]) }));
    expect(screen.getByLabelText<HTMLInputElement>('sideRake').value).toBe('12°');
    expect(container.querySelector('path')).toBe(path);
  });
});
