<?php

declare(strict_types=1);

namespace MoltenNotes\App\Photos;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\Photo;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\App\Shared\Http\Problem;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;

/** Takes photos in, tells of them, and shows them to nobody but their owner. */
final readonly class PhotoController
{
    private const MOST_BYTES = 25_000_000;

    public function __construct(private Photos $photos, private PhotoStore $store, private Notebook $notebook)
    {
    }

    #[Route('/api/attempts/{id}/photos', methods: ['POST'])]
    #[Costly]
    public function take(string $id, Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $attempt = $this->notebook->attempt($id, $caster);
        $own = $request->query->getString('id');
        if (!UuidV7::isValid($own)) {
            return Problem::response(422, 'record.id', 'A photo needs a UUID of version 7.');
        }
        $bytes = $request->getContent();
        if (strlen($bytes) > self::MOST_BYTES) {
            throw new HttpException(413, 'Body too large.');
        }
        $taken = $request->query->getString('taken');
        try {
            $photo = $this->photos->take(Uuid::fromString($own), $attempt, $bytes, is_numeric($taken) ? (float) $taken : null);
        } catch (PhotoRefused $refused) {
            return Problem::response(422, $refused->problem, $refused->getMessage());
        }

        return new AnswerResponse(Photos::answer($photo), 201);
    }

    #[Route('/api/attempts/{id}/photos', methods: ['GET'])]
    public function ofAttempt(string $id, #[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse($this->photos->of($this->notebook->attempt($id, $caster)));
    }

    #[Route('/api/castings/{id}/photos', methods: ['GET'])]
    public function ofCasting(string $id, #[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse($this->photos->ofCasting($this->notebook->casting($id, $caster)));
    }

    #[Route('/api/photos/{id}', methods: ['GET'])]
    public function show(string $id, Request $request, #[CurrentUser] Caster $caster): Response
    {
        return $this->file($this->photos->get($id, $caster), 'photo', $request);
    }

    #[Route('/api/photos/{id}/thumbnail', methods: ['GET'])]
    public function thumbnail(string $id, Request $request, #[CurrentUser] Caster $caster): Response
    {
        return $this->file($this->photos->get($id, $caster), 'thumb', $request);
    }

    /** @param 'photo'|'thumb' $kind */
    private function file(Photo $photo, string $kind, Request $request): Response
    {
        $file = new \SplTempFileObject();
        $file->fwrite($this->store->read($photo, $kind));
        $response = new BinaryFileResponse($file, 200, [], false);
        $response->headers->set('Content-Type', 'image/jpeg');
        // A photo never changes under its address; its owner's browser may keep it, nobody in between.
        $response->setEtag("{$photo->id()->toRfc4122()}-{$kind}");
        $response->setPrivate();
        $response->setMaxAge(31_536_000);
        $response->setImmutable();
        $response->isNotModified($request);

        return $response;
    }
}
