<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use MoltenNotes\Core\Record\FieldProblem;

/** Which passwords are taken: long enough, not on everybody's list, not one's own address, not a run of keys. */
final class Passwords
{
    private const SHORTEST = 10;
    /** Hashers stop reading here; a longer one would be cut without a word. */
    private const LONGEST = 4096;
    private const LEAST_DIFFERENT = 5;
    private const RUNS = [
        'abcdefghijklmnopqrstuvwxyz',
        '01234567890123456789',
        'qwertyuiop',
        'asdfghjkl',
        'zxcvbnm',
        'qwertzuiop',
        'azertyuiop',
        '1qaz2wsx3edc4rfv5tgb6yhn7ujm',
    ];

    /**
     * @param string $address of the account
     * @param string $name of the caster
     *
     * @return list<FieldProblem>
     */
    public static function problems(string $password, string $pointer, string $address, string $name): array
    {
        $words = match (true) {
            mb_strlen($password) < self::SHORTEST => [
                'short',
                'Use at least '.self::SHORTEST.' characters; a few words in a row are good.',
            ],
            strlen($password) > self::LONGEST => ['long', 'That is too long.'],
            self::isCommon($password) => [
                'common',
                'This password is on every list of common ones. A few unusual words in a row are good.',
            ],
            self::isOwn($password, [...explode('@', Address::normal($address)), Address::normal($address), $name]) => [
                'own',
                'Your own address or name is the first thing somebody would try. A few unusual words in a row are good.',
            ],
            self::isTrivial($password) => [
                'trivial',
                'This is too regular: a run of keys or the same few characters again and again. A few unusual words in a row are good.',
            ],
            default => null,
        };

        return null === $words ? [] : [new FieldProblem($pointer, "account.password_{$words[0]}", $words[1])];
    }

    /** The bundled list, and the usual dressings of what is on it: capitals, figures for letters, figures and signs around it. */
    private static function isCommon(string $password): bool
    {
        /** @var array<string, true>|null $list */
        static $list = null;
        $list ??= array_fill_keys(self::list(), true);
        $plain = mb_strtolower($password);
        $bare = preg_replace('/^[^\p{L}]+|[^\p{L}]+$/u', '', $plain) ?? $plain;
        $letters = static fn (string $text): string => strtr($text, [
            '0' => 'o',
            '1' => 'i',
            '3' => 'e',
            '4' => 'a',
            '5' => 's',
            '7' => 't',
            '@' => 'a',
            '$' => 's',
            '!' => 'i',
        ]);
        $joined = static fn (string $text): string => preg_replace('/[\s._-]+/u', '', $text) ?? $text;
        foreach ([$plain, $bare, $letters($plain), $letters($bare), $joined($plain), $joined($letters($bare))] as $form) {
            $trimmed = preg_replace('/[^\p{L}]+$/u', '', $form) ?? $form;
            foreach ([$form, $trimmed] as $word) {
                // Up to eight signs around a common word are a dressing; more are a password of their own.
                if (isset($list[$word]) && mb_strlen($plain) - mb_strlen($word) <= 8) {
                    return true;
                }
            }
            $half = intdiv(mb_strlen($form), 2);
            if (
                0 === mb_strlen($form) % 2
                && $half > 2
                && mb_substr($form, 0, $half) === mb_substr($form, $half)
                && isset($list[mb_substr($form, 0, $half)])
            ) {
                return true;
            }
        }

        return false;
    }

    /** @param list<string> $own */
    private static function isOwn(string $password, array $own): bool
    {
        $plain = preg_replace('/[^\p{L}\p{N}]+/u', '', mb_strtolower($password)) ?? '';
        foreach ($own as $word) {
            $word = preg_replace('/[^\p{L}\p{N}]+/u', '', mb_strtolower($word)) ?? '';
            // A word of one's own with a few characters round it; a long phrase that merely holds it is another matter.
            if (mb_strlen($word) >= 4 && str_contains($plain, $word) && mb_strlen($plain) - mb_strlen($word) < 6) {
                return true;
            }
        }

        return false;
    }

    private static function isTrivial(string $password): bool
    {
        $plain = mb_strtolower($password);
        $signs = mb_str_split($plain);
        if (count(array_unique($signs)) < self::LEAST_DIFFERENT) {
            return true;
        }
        // One short piece again and again: abcabcabcabc, 12341234.
        if (1 === preg_match('/^(.{1,4})\1{2,}.{0,3}$/us', $plain)) {
            return true;
        }
        $left = $plain;
        foreach (self::RUNS as $run) {
            foreach ([$run, strrev($run)] as $way) {
                for ($length = strlen($way); $length >= 4; --$length) {
                    for ($from = 0; $from + $length <= strlen($way); ++$from) {
                        $left = str_replace(substr($way, $from, $length), '', $left);
                    }
                }
            }
        }

        return mb_strlen($left) < 4;
    }

    /** @return list<string> */
    private static function list(): array
    {
        /** @var list<string> $list */
        $list = require __DIR__.'/Data/common_passwords.php';

        return $list;
    }
}
