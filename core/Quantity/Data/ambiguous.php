<?php

declare(strict_types=1);

// Spellings that mean one thing to some and another to others. They are refused, naming both readings [common practice].
return [
    // spelling | one reading | the other
    ['mil', 'a thousandth of an inch (thou)', 'a millimetre (mm)'],
    ['mils', 'thousandths of an inch (thou)', 'millimetres (mm)'],
    ['gr', 'grains (0.0648 g)', 'grams (g)'],
    ['fl oz', 'US fluid ounces (US fl oz, 29.6 mL)', 'imperial fluid ounces (28.4 mL)'],
    ['fluid ounces', 'US fluid ounces (US fl oz, 29.6 mL)', 'imperial fluid ounces (28.4 mL)'],
    ['gal', 'US gallons (3.79 L)', 'imperial gallons (4.55 L)'],
    ['gallon', 'a US gallon (3.79 L)', 'an imperial gallon (4.55 L)'],
    ['gallons', 'US gallons (3.79 L)', 'imperial gallons (4.55 L)'],
    ['pint', 'a US pint (473 mL)', 'an imperial pint (568 mL)'],
    ['pints', 'US pints (473 mL)', 'imperial pints (568 mL)'],
    ['quart', 'a US quart (946 mL)', 'an imperial quart (1.14 L)'],
    ['quarts', 'US quarts (946 mL)', 'imperial quarts (1.14 L)'],
    ['ton', 'a short ton (907 kg)', 'a long ton (1016 kg) or a tonne (t)'],
    ['tons', 'short tons (907 kg)', 'long tons (1016 kg) or tonnes (t)'],
];
