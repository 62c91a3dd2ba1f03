<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use MoltenNotes\App\Account\Caster;
use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * What was worked out from a caster's records and holds until one of them changes. The caster carries a word that is another after every
 * write;
 * so asking costs nothing that grows with the notebook.
 */
final readonly class Remembered
{
    public function __construct(#[Autowire(service: 'cache.app')] private CacheItemPoolInterface $cache)
    {
    }

    /**
     * @template T
     *
     * @param callable(T|null): T $work given what was worked out before the last change, where anything was: most of it may still hold
     *
     * @return T
     */
    public function get(Caster $caster, string $what, callable $work): mixed
    {
        $item = $this->cache->getItem('notebook.'.hash('xxh128', "{$what}|{$caster->id()->toRfc4122()}"));
        /** @var array{revision: string, value: T}|null $kept */
        $kept = $item->isHit() ? $item->get() : null;
        if (null !== $kept && $kept['revision'] === $caster->revision()) {
            return $kept['value'];
        }
        $value = $work($kept['value'] ?? null);
        $this->cache->save($item->set(['revision' => $caster->revision(), 'value' => $value])->expiresAfter(30 * 86400));

        return $value;
    }
}
