/** Plain amounts with a unit that every library in the comparison knows by this name. */
export const PLAIN_AMOUNTS: readonly string[] = [
  '2.6 g',
  '13.5 g',
  '1.5 g',
  '2.9 g',
  '250 ml',
  '1 l',
  '1.4 l',
  '0.5 kg',
  '100 mg',
  '3 lb',
  '8 oz',
  '2 cup',
  '12 g',
  '750 ml',
  '0.25 kg',
  '15 ml',
  '500 mg',
  '2.5 l',
  '330 ml',
  '60 g',
];

/** Lines in everyday words, some with several steps in them. */
export const FREE_LINES: readonly string[] = [
  'ginger, 40 g, sliced',
  'water, about two litres',
  '3 lemons, juiced',
  'half a level teaspoon of salt',
  'a couple of cinnamon sticks',
  '2 tabelspoons honney',
  'a mug of hot milk',
  'peel of one orange',
  'bring it slowly up to the boil',
  'simmer 20 minutes with the lid ajar',
  'let it bubble gently a quarter of an hour, then strain through muslin',
  'cook down by half',
  'take off the heat, cover, leave half an hour',
  'fish the pods out',
  'let it cool to room temperature',
  'add 2 cinnamon sticks and 4 cloves, simmer 25 mins with lid',
  'a pinch of salt in half a litre of water',
  'leave in the fridge overnight',
  '1 part honey to 2 parts vinegar',
  'serves 4',
];

/** A recipe of two hundred words, as people write them. */
export const FREE_RECIPE = `Harbour root tonic
Makes about 6 glasses of 200 ml

You will need
1.5 litres water
200 g fresh ginger, sliced
2 fingers fresh turmeric (about 20 g), sliced
2 cinnamon sticks
8 black peppercorns, cracked
peel of 1 orange, pared thin
juice of 2 lemons
4 tbsp honey
a pinch of sea salt

Method
1. Scrub the roots and slice them thin; there is no need to peel anything.
2. Put everything except the orange peel, the lemon juice and the honey into a wide pot with the water. Bring it just to a simmer, never to a rolling boil.
3. Simmer 25 minutes with the lid on. Add the peel, five minutes more.
4. Take it off the heat and leave it to stand a quarter of an hour, then strain it through a cloth and squeeze well.
5. Stand the pot in cold water until it is below 40 °C. Stir in the honey, then the lemon juice, and taste it.
6. Fill two warmed 750 ml bottles, write the date on them and keep them in the fridge. It keeps four days.

To drink: warm it through, or pour 150 ml over ice and top it up with sparkling water. My neighbour takes a glass of it every evening and says that nothing else keeps her going through the long nights of the autumn.`;
