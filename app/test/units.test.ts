import { showMass, showPortion, showTemperature, showVolume } from '../src/domain/words/units';
import { unitsChosen } from '../src/state/units-choice';

afterEach(() => unitsChosen('metric'));

test.each([
  ['metric', '1 L', '420 g', '30 mL', '40 °C'],
  ['us', '33.8 fl oz', '14.8 oz', '1.01 fl oz', '104 °F'],
] as const)('a kitchen that reads %s', (units, litre, honey, pour, warm) => {
  unitsChosen(units);
  expect([showVolume(1000), showMass(420), showPortion(30, false), showTemperature(40)]).toEqual([
    litre,
    honey,
    pour,
    warm,
  ]);
});
