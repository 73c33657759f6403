import { describe, expect, it } from 'vitest';
import { pinched, WHOLE } from './zoom';

const at = (x: number, y: number) => ({ x, y });

describe('a plate under two fingers', () => {
  it('keeps under the fingers what was under them', () => {
    const zoom = pinched(WHOLE, [at(100, 100), at(200, 100)], [at(50, 120), at(250, 120)], 600, 400);
    expect(zoom.scale).toBeCloseTo(2);
    // The middle between the fingers was 150, 100 on the plate and is now at 150, 120.
    expect((150 - zoom.x) / zoom.scale).toBeCloseTo(150);
    expect((120 - zoom.y) / zoom.scale).toBeCloseTo(100);
    const on = pinched(zoom, [at(300, 200), at(400, 200)], [at(280, 190), at(380, 190)], 600, 400);
    expect(on.scale).toBeCloseTo(2);
    expect(on.x - zoom.x).toBeCloseTo(-20);
    expect(on.y - zoom.y).toBeCloseTo(-10);
  });
  it('is never smaller than its frame, never larger than six times, never beside it', () => {
    expect(pinched(WHOLE, [at(0, 0), at(200, 0)], [at(90, 0), at(110, 0)], 600, 400)).toEqual({ scale: 1, x: 0, y: 0 });
    expect(pinched(WHOLE, [at(290, 200), at(310, 200)], [at(0, 200), at(600, 200)], 600, 400).scale).toBe(6);
    const moved = pinched({ scale: 2, x: 0, y: 0 }, [at(0, 0), at(10, 0)], [at(900, 900), at(910, 900)], 600, 400);
    expect(moved).toEqual({ scale: 2, x: 0, y: 0 });
    expect(pinched({ scale: 2, x: 0, y: 0 }, [at(900, 0), at(910, 0)], [at(0, 0), at(10, 0)], 600, 400).x).toBe(-600);
  });
});
