<?php

declare(strict_types=1);

namespace MoltenNotes\App\Photos;

use League\Flysystem\FilesystemException;
use League\Flysystem\FilesystemOperator;
use MoltenNotes\App\Notebook\Photo;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Uid\Uuid;

/** Where the files of photos lie: each caster's apart, by the photo's id. */
final readonly class PhotoStore
{
    public function __construct(#[Autowire(service: 'photos')] private FilesystemOperator $photos)
    {
    }

    /** @throws FilesystemException */
    public function keep(Uuid $caster, Uuid $photo, MadePhoto $made): void
    {
        foreach (['photo' => $made->jpeg, 'thumb' => $made->thumbnail] as $kind => $bytes) {
            $path = self::path($caster, $photo, $kind);
            $this->photos->write($path, $bytes);
            if ($this->photos->fileSize($path) !== strlen($bytes)) {
                // A full disk ends a file early without a word.
                $this->photos->delete($path);
                throw new \RuntimeException('There was no room to keep the photo.');
            }
        }
    }

    /**
     * @param 'photo'|'thumb' $kind
     *
     * @throws RecordNotFound when its file is gone
     */
    public function read(Photo $photo, string $kind): string
    {
        try {
            return $this->photos->read(self::path($photo->caster()->id(), $photo->id(), $kind));
        } catch (FilesystemException) {
            throw RecordNotFound::named('photo');
        }
    }

    /** @throws FilesystemException */
    public function drop(Uuid $caster, Uuid $photo): void
    {
        foreach (['photo', 'thumb'] as $kind) {
            $this->photos->delete(self::path($caster, $photo, $kind));
        }
    }

    private static function path(Uuid $caster, Uuid $photo, string $kind): string
    {
        return "{$caster->toRfc4122()}/{$photo->toRfc4122()}.{$kind}.jpg";
    }
}
