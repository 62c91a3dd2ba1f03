<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

use Symfony\Component\HttpFoundation\Request;

/** What a caster's devices are told apart by. */
final class DeviceName
{
    /** Enough to tell one's devices apart: what the browser calls itself, shortened. */
    public static function of(?Request $request): string
    {
        $agent = $request?->headers->get('User-Agent') ?? '';
        $system = match (true) {
            str_contains($agent, 'Android') => 'Android',
            str_contains($agent, 'iPhone'), str_contains($agent, 'iPad') => 'iOS',
            str_contains($agent, 'Windows') => 'Windows',
            str_contains($agent, 'Mac OS') => 'macOS',
            str_contains($agent, 'Linux') => 'Linux',
            default => 'unknown system',
        };
        $browser = match (true) {
            str_contains($agent, 'Firefox/') => 'Firefox',
            str_contains($agent, 'Edg/') => 'Edge',
            str_contains($agent, 'Chrome/'), str_contains($agent, 'Chromium/') => 'Chrome',
            str_contains($agent, 'Safari/') => 'Safari',
            '' === $agent => 'No browser',
            default => 'Another program',
        };

        return "{$browser} on {$system}";
    }
}
