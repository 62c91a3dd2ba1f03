<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** The body of a write: one JSON object of bounded size and depth. */
final class JsonBody
{
    private const MOST_BYTES = 1_000_000;
    private const DEEPEST = 32;

    /** @return array<string, mixed> */
    public static function of(Request $request): array
    {
        $content = $request->getContent();
        if (strlen($content) > self::MOST_BYTES) {
            throw new HttpException(413, 'Body too large.');
        }
        try {
            $data = json_decode('' === $content ? '{}' : $content, true, self::DEEPEST, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $error) {
            throw new HttpException(400, 'The body is not JSON.', $error);
        }
        if (!is_array($data) || ([] !== $data && array_is_list($data))) {
            throw new HttpException(400, 'The body is not a JSON object.');
        }
        $body = [];
        foreach ($data as $key => $value) {
            $body[(string) $key] = $value;
        }

        return $body;
    }
}
