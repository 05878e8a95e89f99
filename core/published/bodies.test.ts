/** Body ratios against handbook figures, and reach limits against the accessibility standard. */
import { ADA, reachableSeatedInChair } from '../reach/access.ts';
import { bodyOf } from '../reach/body.ts';

describe('body ratios', () => {
  // Source: Pheasant, Bodyspace, British adults, 50th percentile (values from memory). The ratios must come within 4 %.
  test.each([
    ['women', 1610, { overhead: 1905, grip: 600, knuckle: 720 }],
    ['men', 1740, { overhead: 2060, grip: 665, knuckle: 755 }],
  ])('%s of %d mm', (_, stature, wanted) => {
    const body = bodyOf({ stature }, null);
    for (const [part, value] of Object.entries(wanted)) {
      expect(Math.abs(body[part as keyof typeof wanted] / value - 1)).toBeLessThan(0.04);
    }
  });

  // Source: the same table, sitting, over the seat: eye, shoulder and elbow, 50th percentile (values from memory). Within 7 %: an elbow varies most.
  test.each([
    ['women', 1610, { eye: 740, shoulder: 555, elbow: 235 }],
    ['men', 1740, { eye: 790, shoulder: 595, elbow: 245 }],
  ])('seated, %s of %d mm', (_, stature, wanted) => {
    const body = bodyOf({ stature }, 450);
    for (const [part, value] of Object.entries(wanted))
      expect([part, Math.abs((body[part as keyof typeof wanted] - 450) / value - 1) < 0.07]).toEqual([part, true]);
  });

  // Source: the same table; shoulder height standing, 50th percentile women 1310, men 1425 (values from memory).
  test.each([
    [1610, 1310],
    [1740, 1425],
  ])('shoulder of %d mm stature at %d', (stature, wanted) => {
    expect(Math.abs(bodyOf({ stature }, null).shoulder / wanted - 1)).toBeLessThan(0.04);
  });
});

describe('2010 ADA Standards for Accessible Design, reach ranges', () => {
  test.each([
    ['308.2.1 forward, unobstructed', 'forward', 0, 380, 1220],
    ['308.3.1 side, unobstructed', 'side', 0, 380, 1220],
    ['308.2.2 forward over 510 mm', 'forward', 510, 380, 1220],
    ['308.2.2 forward over more than 510, up to 635 mm', 'forward', 635, 380, 1120],
    ['308.3.2 side over 255 mm', 'side', 255, 380, 1220],
    ['308.3.2 side over more than 255, up to 610 mm', 'side', 610, 380, 1170],
  ] as const)('%s', (_, way, over, low, high) => {
    expect(reachableSeatedInChair(low, way, over)).toBe(true);
    expect(reachableSeatedInChair(low - 1, way, over)).toBe(false);
    expect(reachableSeatedInChair(high, way, over)).toBe(true);
    expect(reachableSeatedInChair(high + 1, way, over)).toBe(false);
  });

  test('deeper than the standard allows is out of reach at any height', () => {
    expect(reachableSeatedInChair(800, 'forward', 636)).toBe(false);
    expect(reachableSeatedInChair(800, 'side', 611)).toBe(false);
    expect(ADA.high).toBe(1220);
  });
});
