<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use MoltenNotes\Tests\Support\Chromium;

/** From the print to the metal on the phone; and waxes that are used up before the next pour. */
final class PatternsTest extends JourneyTestCase
{
    public function testPrintRubberAndWaxAreOneChainAndWhatIsUsedUpIsSaidBeforeTheDay(): void
    {
        $this->register('rings@molten.example');
        Chromium::resize($this->driver, 390, 844);
        $this->open('/workshop#patterns');
        $this->pattern('Ring print', 'Printed pattern', null, []);
        $this->pattern('Ring rubber', 'Silicone mould', 'Ring print', ['Smaller than that by' => '0.3 %']);
        $this->pattern('Ring waxes', 'Wax patterns', 'Ring rubber', ['Smaller than that by' => '12 % or so']);
        $this->see('Ring waxes');

        $this->follow('Ring waxes');
        $this->see('None is left: make more before the next mould.');
        $this->press('Made more');
        $this->type('Pieces', '0');
        $this->press('Keep it');
        $this->find('//*[@role="alert"]');
        $this->type('Pieces', '2');
        $this->press('Keep it');
        $this->see('2 left');
        $this->type('An edge of the casting', 'a hand');
        $this->press('Work it out');
        $this->find('//*[@role="alert"]');
        $this->type('An edge of the casting', '100 mm');
        $this->pick('Cast in', 'Tin bronze 90/10');
        $this->press('Work it out');
        $this->see('Ring print must measure 103');
        // Rubber 0.3, wax 1.2, tin bronze 1.5 per cent: 103.07 mm of print for 100 mm of ring.
        self::assertMatchesRegularExpression('/Ring print must measure 10[23]\.\d mm/', $this->text());

        $this->open('/workshop#patterns');
        $this->follow('Ring rubber');
        $this->see('used 2 times');
        $this->see('Taken from it');

        $attempt = $this->planned(
            ['metal.alloy' => 'tin_bronze', 'mould.process' => 'plaster', 'pattern.volume' => '30 mL', 'casting.count' => 3],
            'Ring',
        );
        $this->open("/attempts/{$attempt}");
        $this->choose('Moulded from, or poured into', 'Ring waxes');
        $this->see('Contraction of a second step');
        $this->open('/');
        $this->see('2 left, and other pours come first');
        $wide = $this->driver->executeScript('return document.documentElement.scrollWidth - window.innerWidth');
        self::assertLessThanOrEqual(0, $wide, 'something runs over the edge of the phone');
    }

    /** @param array<string, string> $rest */
    private function pattern(string $name, string $form, ?string $after, array $rest): void
    {
        $this->press('Add a pattern or mould');
        $this->type('What you call it', $name);
        $this->pick('What it is', $form);
        if (null !== $after) {
            $this->choose('Taken from', $after);
        }
        foreach ($rest as $label => $text) {
            $this->type($label, $text);
        }
        $this->press('Keep it');
        if (in_array('12 % or so', $rest, true)) {
            $this->find('//*[@role="alert"]');
            $this->type('Smaller than that by', '1.2 %');
            $this->press('Keep it');
        }
        $this->find('//*[@data-pattern="'.$name.'"]');
    }
}
