import { expect, it } from 'vitest';

const SOURCES: Record<string, string> = import.meta.glob('../**/*.{ts,tsx}', {
  query: '?raw',
  import: 'default',
  eager: true,
});

/** Ids that only a family declares: of the families, their operations, their kinds, and what a few of their fields begin with. */
const DECLARED =
  /['"](turning|boring|parting|drilling|reaming|counterboring|hardening|threading|seating|drill|ream|counterbore|harden|thread|insert-holder|thread[A-Z]\w+|seat[A-Z]\w+|ream[A-Z]\w+|turn|bore|part|groove|face|bit|bar|blade|holder|bar[A-Z]\w+|bore[A-Z]\w+|part[A-Z]\w+|blade[A-Z]\w+|tipStiffness|sideRake|noseRadius)['"]/g;

it('knows no family by name: what a family is comes from the program', () => {
  const named = Object.entries(SOURCES)
    .filter(([path]) => !path.includes('generated') && !path.includes('.test.'))
    .flatMap(([path, source]) => [...source.matchAll(DECLARED)].map((found) => `${path}: ${found[0]}`));
  expect(Object.keys(SOURCES).length).toBeGreaterThan(40);
  expect(named).toEqual([]);
});
