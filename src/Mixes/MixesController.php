<?php

declare(strict_types=1);

namespace MoltenNotes\App\Mixes;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\App\Shared\Http\JsonBody;
use MoltenNotes\Core\Quantity\Area;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\Volume;
use MoltenNotes\Core\Record\ValueReader;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Recipes, of the trade and of the caster's own, and the batch of one of them for what is to be filled or coated. */
final readonly class MixesController
{
    private const MOST_AT_ONCE = 12;

    public function __construct(private Mixes $mixes)
    {
    }

    #[Route('/api/recipes', methods: ['GET'])]
    public function all(#[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse(new RecipeListAnswer($this->mixes->recipes($caster), $this->mixes->waiting($caster)));
    }

    #[Route('/api/batches', methods: ['POST'])]
    #[Costly]
    public function batch(Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $body = JsonBody::of($request);
        $reader = new ValueReader($caster->units());
        $reader->refuseUnknown(
            $body,
            ['recipe', 'attempts', 'volumes', 'area', 'coats', 'temperature', 'bucket'],
            '',
            'record.unknown_part',
            'This is not told of a batch.',
        );
        $recipe = $this->mixes->recipe(is_string($body['recipe'] ?? null) ? $body['recipe'] : '', $caster);
        if (null === $recipe) {
            $reader->refuse('/recipe', 'record.not_found', 'There is no such recipe, of the trade or in your workshop.');
        }
        $volumes = [];
        foreach (self::listed($body['volumes'] ?? [], '/volumes', $reader) as $index => $raw) {
            $volume = $reader->measured('volume', 'mL', [0.1, 2_000_000], null, $raw, "/volumes/{$index}");
            if (null !== $volume) {
                $volumes[] = Volume::fromSi($volume->si());
            }
        }
        $area = $reader->measured('area', 'cm2', [0.1, 10_000_000], null, $body['area'] ?? null, '/area');
        $coats = $body['coats'] ?? 1;
        if (!is_int($coats) || $coats < 1 || $coats > 20) {
            $coats = 1;
            $reader->refuse('/coats', 'record.impossible', 'Say how many coats, 1 to 20.');
        }
        $at = $reader->measured('temperature', 'degC', [-30, 90], [0, 40], $body['temperature'] ?? null, '/temperature');
        $bucket = $reader->measured('bucket', 'mL', [5, 2_000_000], null, $body['bucket'] ?? null, '/bucket');
        $attempts = [];
        foreach (self::listed($body['attempts'] ?? [], '/attempts', $reader) as $index => $id) {
            $attempts["/attempts/{$index}"] = is_string($id) ? $id : '';
        }
        $found = null === $recipe ? [[], 0.0] : $this->mixes->spaces($attempts, $recipe, $caster, $reader);
        $reader->insist();
        if (null === $recipe) {
            throw new \LogicException('It was refused.');
        }
        $face = ($area?->si() ?? 0.0) + $found[1];

        return new AnswerResponse($this->mixes->batch(
            $recipe,
            [...$volumes, ...$found[0]],
            $face > 0.0 ? Area::fromSi($face) : null,
            $coats,
            $at instanceof Measurement ? $at->asTemperature() : null,
            null === $bucket ? null : Volume::fromSi($bucket->si()),
            $caster,
        ));
    }

    /** @return list<mixed> */
    private static function listed(mixed $raw, string $pointer, ValueReader $reader): array
    {
        if (is_array($raw) && array_is_list($raw) && count($raw) <= self::MOST_AT_ONCE) {
            return $raw;
        }
        $reader->refuse($pointer, 'record.not_a_list', 'This must be a list of at most '.self::MOST_AT_ONCE.'.');

        return [];
    }
}
