<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

/** Moulds that are no sand: each is planned by its own rules. */
final class OtherMouldsTest extends JourneyTestCase
{
    public function testALostFoamPlaqueIsPacedByItsFoamAndHeldDownBySandAndAWeight(): void
    {
        $this->plan('foam@molten.example', 'Boat shed plaque');
        $this->press('Plate with letters', '//*[@aria-label="Shapes to start from"]');
        $this->type('Length', '240 mm');
        $this->type('Width', '160 mm');
        $this->type('Thickness', '7 mm');
        $this->type('Letters stand out', '3 mm');
        $this->press('Lay it out');
        $this->find('//*[@aria-label="Section 1: Plate"]');
        $this->pick('Mould process', 'Lost foam');
        $this->pick('Metal', 'Al-Si9Cu3(Fe) (die-cast housings)');

        $this->press('Gating', '//*[@role="tablist"]');
        $this->see('The foam sets the pace: metal, pour temperature and the way from the gate tell how fast.');
        $this->type('Head of metal', '180 mm');
        $this->press('Will it fill', '//*[@role="tablist"]');
        $this->type('Pour temperature', '830 C');
        $this->type('Foam density', '20 kg/m3');
        $this->leaveField();
        $this->see('Fill ratio, plate');
        $this->press('Gating', '//*[@role="tablist"]');
        $this->see('The foam lets it fill in');
        $this->see('Cup holds at least');
        $this->see('Metal to keep over the highest foam');
        self::assertStringNotContainsString('Choke', $this->text());

        $this->press('Mould', '//*[@role="tablist"]');
        $this->see('Sand over the foam, at least');
        $this->see('Weight on the sand');
        $this->see('Box depth, at least');
        self::assertStringNotContainsString('Cope depth', $this->text());
        $this->press('Will it feed', '//*[@role="tablist"]');
        $this->see('Gas from the foam');
        self::assertStringNotContainsString('Riser for', $this->text());
        $this->press('Save the plan');
        $this->see('No. 1: planned');
    }

    public function testAPewterRingHasNoWindowInOneAlloyAndOneInAnother(): void
    {
        $this->plan('pewter@molten.example', 'Napkin ring');
        $this->press('Ring', '//*[@aria-label="Shapes to start from"]');
        $this->type('Outside diameter', '40 mm');
        $this->type('Inwards', '2 mm');
        $this->type('Thickness', '12 mm');
        $this->press('Lay it out');
        $this->find('//*[@aria-label="Section 1: Ring"]');
        $this->pick('Mould process', 'Silicone rubber');
        $this->pick('Metal', 'Pewter Sn-Sb7-Cu2');
        $this->press('Gating', '//*[@role="tablist"]');
        $this->type('Head of metal', '60 mm');
        $this->press('Will it fill', '//*[@role="tablist"]');
        $this->type('Pour temperature', '305 C');
        $this->type('Furnace to mould', '4 s');
        $this->leaveField();
        $this->see('The window is empty');
        $this->pick('Metal', 'Pewter Sn-Sb7.5-Cu0.3');
        $this->see('which fills it, to');
        self::assertStringNotContainsString('The window is empty', $this->text());
    }

    private function plan(string $email, string $casting): void
    {
        $this->register($email);
        $this->press('Castings', '//nav[@aria-label="Places"]');
        $this->press('New casting');
        $this->type('What is it?', $casting);
        $this->press('Add the casting');
        $this->see('No attempt yet');
        $this->press('Plan an attempt');
        $this->see('Start from', 15);
    }
}
