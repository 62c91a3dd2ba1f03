<?php

declare(strict_types=1);

// Writes docs/formats/*.schema.json from the tables of the core: php tools/schemas.php

use MoltenNotes\Core\Attempt\AttemptSchema;
use MoltenNotes\Core\Diagnosis\Catalogue;

require dirname(__DIR__).'/vendor/autoload.php';

file_put_contents(
    dirname(__DIR__).'/docs/formats/attempt.schema.json',
    json_encode(
        AttemptSchema::make(Catalogue::standard()->causeCodes()),
        \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR,
    )."\n",
);
