<?php

declare(strict_types=1);

namespace MoltenNotes\App\Photos;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Casting;
use MoltenNotes\App\Notebook\Photo;
use MoltenNotes\App\Notebook\RecordedFinding;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use MoltenNotes\App\Shared\Seconds;
use MoltenNotes\Core\Attempt\Vocabulary;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** The photos of a caster. */
final readonly class Photos
{
    private const MOST_OF_AN_ATTEMPT = 80;

    public function __construct(
        private EntityManagerInterface $storage,
        private MakePhoto $make,
        private PhotoStore $store,
        private ClockInterface $clock,
    ) {
    }

    /**
     * Keeps a photo. The same one sent again, after a lost answer, is the one that is there.
     *
     * @throws PhotoRefused
     */
    public function take(Uuid $id, Attempt $attempt, string $bytes, ?float $takenAt): Photo
    {
        $there = $this->storage->find(Photo::class, $id);
        if (null !== $there) {
            return $there->caster()->id()->equals($attempt->caster()->id()) ? $there : throw RecordNotFound::named('photo');
        }
        if (count($this->all(['attempt' => $attempt])) >= self::MOST_OF_AN_ATTEMPT) {
            throw new PhotoRefused('photo.too_many', 'At most '.self::MOST_OF_AN_ATTEMPT.' photos stand with an attempt.');
        }
        $made = ($this->make)($bytes);
        $this->store->keep($attempt->caster()->id(), $id, $made);
        $now = $this->clock->now();
        // A phone whose clock was never set tells no time worth keeping.
        $sure = null !== $takenAt && $takenAt > Seconds::FIRST && $takenAt < $now->getTimestamp() + 60;
        $taken = $sure ? new \DateTimeImmutable('@'.(int) $takenAt) : $now;
        $photo = new Photo($id, $attempt, $taken, $made->width, $made->height, $now);
        $this->storage->persist($photo);
        $photo->touch($now);
        $this->storage->flush();

        return $photo;
    }

    /** @throws RecordNotFound where it is nobody's, or somebody else's */
    public function get(string $id, Caster $caster): Photo
    {
        return $this->find($id, $caster) ?? throw RecordNotFound::named('photo');
    }

    public function find(string $id, Caster $caster): ?Photo
    {
        return Uuid::isValid($id)
            ? $this->storage->getRepository(Photo::class)->findOneBy(['id' => Uuid::fromString($id), 'caster' => $caster])
            : null;
    }

    public function of(Attempt $attempt): PhotoListAnswer
    {
        return self::told($this->all(['attempt' => $attempt]));
    }

    public function ofCasting(Casting $casting): PhotoListAnswer
    {
        $attempts = $this->storage->getRepository(Attempt::class)->findBy(['casting' => $casting, 'binnedAt' => null]);

        return self::told([] === $attempts ? [] : $this->all(['attempt' => $attempts]));
    }

    public static function answer(Photo $photo): PhotoAnswer
    {
        $findings = [];
        foreach ($photo->attempt()->findings() as $finding) {
            $findings[$finding->id()->toRfc4122()] = $finding;
        }
        $pins = [];
        foreach ($photo->pins() as $id => $place) {
            $finding = $findings[$id] ?? null;
            if ($finding instanceof RecordedFinding) {
                $is = $finding->toFinding();
                $pins[] = [
                    'finding' => $id,
                    'kind' => $is->kind,
                    'label' => Vocabulary::standard()->defects[$is->kind]->label ?? $is->kind,
                    'section' => $is->section,
                ] + $place;
            }
        }

        return new PhotoAnswer(
            id: $photo->id()->toRfc4122(),
            version: $photo->version(),
            attemptId: $photo->attempt()->id()->toRfc4122(),
            number: $photo->attempt()->number(),
            verdict: $photo->attempt()->verdict(),
            takenAt: (float) $photo->takenAt()->getTimestamp(),
            width: $photo->width(),
            height: $photo->height(),
            caption: $photo->caption(),
            pins: $pins,
        );
    }

    /**
     * @param array<string, mixed> $where
     *
     * @return list<Photo>
     */
    private function all(array $where): array
    {
        return $this->storage->getRepository(Photo::class)->findBy($where + ['binnedAt' => null], ['takenAt' => 'ASC', 'id' => 'ASC']);
    }

    /** @param list<Photo> $photos */
    private static function told(array $photos): PhotoListAnswer
    {
        return new PhotoListAnswer(array_map(self::answer(...), $photos));
    }
}
