<?php

declare(strict_types=1);

namespace MoltenNotes\App\Ways;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\Core\Record\ValueReader;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** One part by several processes, or in several metals, side by side. */
final readonly class WaysController
{
    private const MOST = 4;

    public function __construct(private Notebook $notebook, private WaysView $view)
    {
    }

    /** "with": process, or process:alloy, parted by commas; without it, its own way and two others that bear the metal. */
    #[Route('/api/attempts/{id}/ways', methods: ['GET'])]
    #[Costly]
    public function __invoke(string $id, Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $attempt = $this->notebook->attempt($id, $caster);
        $reader = new ValueReader($caster->units());
        $told = array_values(array_filter(explode(',', $request->query->getString('with')), static fn (string $one): bool => '' !== $one));
        $zone = $request->query->getString('zone');
        $ways = [];
        foreach ($told as $place => $one) {
            [$process, $alloy] = array_pad(explode(':', $one, 2), 2, null);
            $process = $reader->choice('process', $process, "/with/{$place}");
            $alloy = null === $alloy ? null : $reader->choice('alloy', $alloy, "/with/{$place}");
            if (null !== $process) {
                $ways[] = [$process, $alloy];
            }
        }
        if (count($told) > self::MOST || 1 === count($told)) {
            $reader->refuse('/with', 'ways.how_many', 'Two to '.self::MOST.' ways can be held against each other.');
        }
        $reader->insist();

        return new AnswerResponse($this->view->of($attempt, $ways, '' === $zone ? null : $zone));
    }
}
