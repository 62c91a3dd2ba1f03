<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

/** An e-mail address in one spelling: whoever types it in another is the same caster. */
final class Address
{
    private const LONGEST = 180;

    /**
     * Lower case, one form of every letter (NFKC), the domain as it goes over the wire (IDNA). Text that is no address comes back tidied
     * only.
     */
    public static function normal(string $typed): string
    {
        $address = mb_strtolower(trim(mb_scrub($typed)));
        $normal = \Normalizer::normalize($address, \Normalizer::FORM_KC);
        $address = false === $normal ? $address : mb_strtolower($normal);
        $at = strrpos($address, '@');
        if (false === $at) {
            return $address;
        }
        $domain = rtrim(substr($address, $at + 1), '.');
        $wired =
            '' === $domain || strlen($domain) > 253
                ? false
                : idn_to_ascii($domain, \IDNA_NONTRANSITIONAL_TO_ASCII, \INTL_IDNA_VARIANT_UTS46);

        return substr($address, 0, $at + 1).(false === $wired ? $domain : $wired);
    }

    /**
     * @return non-empty-string|null null when it is no address
     */
    public static function read(string $typed): ?string
    {
        $address = self::normal($typed);
        if (
            '' === $address
            || strlen($address) > self::LONGEST
            || false === filter_var($address, \FILTER_VALIDATE_EMAIL, \FILTER_FLAG_EMAIL_UNICODE)
        ) {
            return null;
        }

        return $address;
    }
}
