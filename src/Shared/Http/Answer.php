<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

/**
 * Something that the API answers with: its public properties are the members of the JSON object, in snake case. Each is described in
 * docs/openapi.yaml under the name of its class, and a test holds the two against each other.
 */
abstract readonly class Answer implements \JsonSerializable
{
    /** The property whose own members stand among those of this answer; '' when there is none. */
    protected const AMONG_ITS_OWN = '';

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $members = [];
        foreach (get_object_vars($this) as $property => $value) {
            if (static::AMONG_ITS_OWN === $property && $value instanceof self) {
                $members += $value->jsonSerialize();
            } else {
                $members[self::member($property)] = $value;
            }
        }

        return $members;
    }

    /** The name of a property in JSON: addedOn → added_on. */
    public static function member(string $property): string
    {
        /** @var array<string, string> $known */
        static $known = [];

        return $known[$property] ??= strtolower(preg_replace('/(?<!^)[A-Z]/', '_$0', $property) ?? $property);
    }
}
