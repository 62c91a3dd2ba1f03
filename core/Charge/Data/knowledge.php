<?php

declare(strict_types=1);

// How well the composition of a lot is known. Taken 2026-11 by the founders; common practice, rough. within: a share that each figure may
// lie off; least: points of per cent that it may lie off at the least. grade: whether a lot without figures, only with the name of its
// alloy, lies inside that grade; where not, it may lie as far outside again.
return [
    ['code' => 'certified', 'label' => 'Certified, as bought', 'within' => 0.02, 'least' => 0.005, 'grade' => true],
    ['code' => 'assayed', 'label' => 'Analysed', 'within' => 0.05, 'least' => 0.01, 'grade' => true],
    ['code' => 'cooled', 'label' => 'By a cooling cup', 'within' => 0.1, 'least' => 0.1, 'grade' => true],
    ['code' => 'by_part', 'label' => 'By what part it was', 'within' => 0.15, 'least' => 0.05, 'grade' => true],
    ['code' => 'guessed', 'label' => 'A guess', 'within' => 0.4, 'least' => 0.2, 'grade' => false],
];
