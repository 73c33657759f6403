import { expect, test } from 'vitest';
import { fileName } from './fileName';

test('a file says whose it is', () => {
  expect(fileName('Pump bush, 1.5"', 'groove-bit', 'stl')).toBe('pump-bush-1-5-groove-bit.stl');
  expect(fileName('Büchse Ø30/2', 'cut', 'svg')).toBe('buchse-ø30-2-cut.svg');
});

test('without a name it says what it is', () => {
  expect(fileName('', 'bar', 'dxf')).toBe('bar.dxf');
  expect(fileName(undefined, 'tool', 'json')).toBe('tool.json');
  expect(fileName(' … ', 'bar', 'dxf')).toBe('bar.dxf');
});

test('no name is longer than a system takes', () => {
  expect(fileName('a '.repeat(400), 'bar', 'stl').length).toBeLessThan(80);
});
