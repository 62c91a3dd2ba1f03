<?php

declare(strict_types=1);

namespace MoltenNotes\App\LogPour;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Heat;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\ShownValueAnswer;
use MoltenNotes\Core\Attempt\History;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Values;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Last used values, to be offered and never filled in silently: of this casting first, else of the workshop; and the heats of late. */
final readonly class SuggestController
{
    public function __construct(private EntityManagerInterface $storage, private Notebook $notebook)
    {
    }

    #[Route('/api/suggestions', methods: ['GET'])]
    public function __invoke(Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $format = new QuantityFormatter($caster->units());
        $castingId = $request->query->getString('casting');
        $attempts = $this->storage->getRepository(Attempt::class);
        $of =
            '' === $castingId
                ? null
                : $attempts->findOneBy(
                    ['casting' => $this->notebook->casting($castingId, $caster), 'binnedAt' => null],
                    ['number' => 'DESC'],
                );
        $last = $attempts->findOneBy(['caster' => $caster, 'binnedAt' => null], ['createdAt' => 'DESC', 'id' => 'DESC']);
        $values = static fn (?Attempt $attempt): Values => $attempt?->toRecord(new History(), null)->values() ?? Values::none();
        $heats = $this->storage
            ->getRepository(Heat::class)
            ->findBy(['caster' => $caster, 'binnedAt' => null], ['meltedOn' => 'DESC', 'id' => 'DESC'], 5);

        return new AnswerResponse(
            new SuggestionsAnswer(
                ShownValueAnswer::each($values($of), $format),
                ShownValueAnswer::each($values($last), $format),
                array_map(static fn (Heat $heat): HeatAnswer => AttemptView::heat($heat, $format), $heats),
            ),
        );
    }
}
