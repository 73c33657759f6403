import { describe, expect, it } from 'vitest';
import { onPaper, onScreen, scaleOf } from './scale';

describe('how large a plate is drawn', () => {
  it('is told by the pixels that the plate takes, not by its own millimetres', () => {
    // A plate of 100 mm on 743 CSS pixels: 743 / 377.95 of its own size, and the thing 1.77 times that.
    expect(onScreen('{1.77}', 743 / 100)).toBe('drawn about 3.5 times on this screen');
    expect(onScreen('{1.77}', 360 / 100)).toBe('drawn about 1.7 times on this screen');
    expect(onScreen('side {0.25}', 743 / 100)).toBe('side drawn about 1 : 2 on this screen');
    expect(onScreen('{12.4}', 743 / 100)).toBe('drawn about 24 times on this screen');
    expect(onScreen('{1}', 96 / 25.4)).toBe('drawn about full size on this screen');
  });

  it('says nothing before the plate is laid out', () => {
    expect(onScreen('end view {2}', 0)).toBe('end view ');
  });

  it('is true on paper', () => {
    expect(onPaper('one scale, {0.4}')).toBe('one scale, drawn 1 : 2.5');
    expect(onPaper('{1.77}')).toBe('drawn 1.8 times');
  });

  it('leaves other notes as they are', () => {
    expect(scaleOf('angles true')).toBeUndefined();
    expect(onScreen('angles true', 7)).toBe('angles true');
    expect(onPaper('spring drawn larger')).toBe('spring drawn larger');
  });
});
