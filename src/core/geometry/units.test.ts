import * as units from './units';

describe('kitchen and length units (NIST SP 811; values from memory)', () => {
  test.each([
    ['1 inch in mm', units.inchesToMm(1), 25.4],
    ['75 mm in inches', units.mmToInches(75), 2.952755905511811],
    ['1 ounce in grams', 1 / units.gramsToOunces(1), 28.3495],
    ['US teaspoon in mL', units.ML_PER_US_TEASPOON, 4.929],
    ['US tablespoon in mL', units.ML_PER_US_TABLESPOON, 14.787],
  ])('%s', (_name, got, want) => {
    expect(Math.abs(got - want) / want).toBeLessThan(2e-5);
  });

  test('three teaspoons are a tablespoon', () => {
    expect(units.ML_PER_US_TABLESPOON / units.ML_PER_US_TEASPOON).toBeCloseTo(3, 9);
  });

  test('inches there and back', () => {
    for (const mm of [0, 0.3, 12.7, 360]) expect(units.inchesToMm(units.mmToInches(mm))).toBeCloseTo(mm, 12);
  });
});

describe('the clock round the cake', () => {
  test.each([
    [-Math.PI / 2, 6, 'front'],
    [0, 3, 'right'],
    [Math.PI / 2, 12, 'back'],
    [Math.PI, 9, 'left'],
    [-Math.PI / 2 - Math.PI / 6, 7, 'an hour on from the front'],
  ])('azimuth %f is %i o’clock (%s)', (azimuth, hours) => {
    expect(units.azimuthToClockHours(azimuth)).toBeCloseTo(hours, 9);
  });

  test('hours there and back, all round', () => {
    for (let h = 0.25; h <= 12; h += 0.25) expect(units.azimuthToClockHours(units.clockHoursToAzimuth(h))).toBeCloseTo(h, 9);
  });
});
