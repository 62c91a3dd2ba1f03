<?php

declare(strict_types=1);

// Spellings that mean one thing to some and another to others. They are refused, naming both readings [common practice].
return [
    // spelling | one reading | the other
    ['written' => 'mil', 'one' => 'a thousandth of an inch (thou)', 'other' => 'a millimetre (mm)'],
    ['written' => 'mils', 'one' => 'thousandths of an inch (thou)', 'other' => 'millimetres (mm)'],
    ['written' => 'gr', 'one' => 'grains (0.0648 g)', 'other' => 'grams (g)'],
    ['written' => 'fl oz', 'one' => 'US fluid ounces (US fl oz, 29.6 mL)', 'other' => 'imperial fluid ounces (28.4 mL)'],
    ['written' => 'fluid ounces', 'one' => 'US fluid ounces (US fl oz, 29.6 mL)', 'other' => 'imperial fluid ounces (28.4 mL)'],
    ['written' => 'gal', 'one' => 'US gallons (3.79 L)', 'other' => 'imperial gallons (4.55 L)'],
    ['written' => 'gallon', 'one' => 'a US gallon (3.79 L)', 'other' => 'an imperial gallon (4.55 L)'],
    ['written' => 'gallons', 'one' => 'US gallons (3.79 L)', 'other' => 'imperial gallons (4.55 L)'],
    ['written' => 'pint', 'one' => 'a US pint (473 mL)', 'other' => 'an imperial pint (568 mL)'],
    ['written' => 'pints', 'one' => 'US pints (473 mL)', 'other' => 'imperial pints (568 mL)'],
    ['written' => 'quart', 'one' => 'a US quart (946 mL)', 'other' => 'an imperial quart (1.14 L)'],
    ['written' => 'quarts', 'one' => 'US quarts (946 mL)', 'other' => 'imperial quarts (1.14 L)'],
    ['written' => 'ton', 'one' => 'a short ton (907 kg)', 'other' => 'a long ton (1016 kg) or a tonne (t)'],
    ['written' => 'tons', 'one' => 'short tons (907 kg)', 'other' => 'long tons (1016 kg) or tonnes (t)'],
];
