<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** The evening before the mould: a new casting planned from five sections. */
final class PlanCastingTest extends JourneyTestCase
{
    public function testANewCastingIsPlannedFromFiveSectionsAndAThinnerWallChangesEverything(): void
    {
        $this->signInAsDemo();
        $this->press('Castings', '//nav[@aria-label="Places"]');
        $this->press('New casting');
        $this->type('What is it?', 'Stem head fitting');
        $this->press('Add the casting');
        $this->see('No attempt yet');

        $this->actions = 0;
        $from = microtime(true);
        $this->press('Plan an attempt');
        $this->see('The casting in sections');
        $this->pick('Mould process', 'Green sand');
        $this->pick('Metal', 'Al-Si7Mg (wheels, castings)');
        foreach (
            [
                ['Plate', ['length' => '90 mm', 'width' => '2 in', 'thickness' => '6 mm']],
                ['Boss', ['diameter' => '1 1/8 in', 'height' => '26 mm']],
                ['Bar', ['length' => '70mm', 'width' => '14 mm', 'thickness' => '9 mm']],
                ['Ring', ['diameter' => '110 mm', 'width' => '12 mm', 'thickness' => '6 mm']],
                ['Wedge', ['length' => '60 mm', 'width' => '30 mm', 'thickness' => '8 mm', 'thin end' => '4 mm']],
            ] as $i => [$shape, $measures]
        ) {
            $this->press($shape, '//*[@aria-label="Add a section"]');
            foreach ($measures as $label => $text) {
                $this->typeInto($i + 1, $label, $text);
            }
        }
        $this->press('Metal', '//*[@role="tablist"]');
        $this->see('Metal to charge');
        $this->type('Pour temperature', '735 C');
        $this->press('Gating', '//*[@role="tablist"]');
        $this->type('Head of metal', '100 mm');
        $this->see('Sprue bore at the base');
        $this->press('Will it fill', '//*[@role="tablist"]');
        $this->type('Furnace to mould', '12 s');
        $this->type('Pour took', '2.3 s');
        $this->see('Needed at the mould');
        self::assertLessThanOrEqual(300, microtime(true) - $from, 'seconds from nothing to a plan');
        self::assertLessThanOrEqual(60, $this->actions);
        $this->settle();
        self::assertSame('good', $this->standing('fill_ratio', 's4'));
        $thick = $this->figure('fill_ratio', 's4');
        $neededThick = $this->figure('needed_at_mould', 's4');
        $drawnThick = $this->ringHeight();

        $this->press('Pattern', '//*[@role="tablist"]');
        $this->typeInto(4, 'thickness', '2.5 mm');
        $this->press('Will it fill', '//*[@role="tablist"]');
        $this->settle();
        $thin = $this->figure('fill_ratio', 's4');
        self::assertLessThan($thick, $thin, 'the thin ring fills less');
        self::assertSame('bad', $this->standing('fill_ratio', 's4'));
        self::assertLessThan(0.6 * $drawnThick, $this->ringHeight(), 'the drawing is thinner');
        self::assertGreaterThan($neededThick, $this->figure('needed_at_mould', 's4'), 'the thin ring asks for hotter metal');
        $this->see('may not fill');

        $this->press('working', '//*[@data-figure="fill_ratio"][1]');
        $this->see('r = t_life v / path');

        $this->press('Save the plan');
        $this->see('No. 1: planned');
        self::assertStringContainsString('5 sections', $this->text());
    }

    public function testAChargeIsMixedFromTheShelf(): void
    {
        $this->signInAsDemo();
        $this->key('o');
        $this->press('Work out a charge');
        $mix = '//section[@aria-label="To a composition of your own"]';
        $this->enter($this->find("{$mix}//label[starts-with(normalize-space(.), 'Metal wanted')]/following::input[1]"), '4 kg');
        $this->press('Work out the charge', $mix);
        $this->see('What it comes to');
        self::assertMatchesRegularExpression('/Cost\s+\d+\.\d\d EUR/', $this->text());
        $this->type('Cu: most', '92');
        $this->type('Cu: least', '91');
        $this->press('Work out the charge', $mix);
        $this->see('cannot be met');
    }

    private function typeInto(int $section, string $label, string $text): void
    {
        $field = $this->find(
            "//*[@role='group' and starts-with(@aria-label, 'Section "
                ."{$section}:')]//label[normalize-space(.)='{$label}']/following-sibling::input",
        );
        $this->enter($field, $text);
    }

    /** The number of a figure as it stands on the screen. */
    private function figure(string $code, string $subject): float
    {
        $selector = WebDriverBy::cssSelector("[data-state=active] [data-figure={$code}][data-subject={$subject}] .figure");
        $found = $this->driver->findElements($selector);
        for ($i = 0; $i < 60 && [] === $found; ++$i) {
            usleep(50_000);
            $found = $this->driver->findElements($selector);
        }
        self::assertNotEmpty($found, "{$code} of {$subject} is not shown");

        return (float) $found[0]->getText();
    }

    private function standing(string $code, string $subject): string
    {
        return (string) $this->driver
            ->findElement(WebDriverBy::cssSelector("[data-state=active] [data-figure={$code}][data-subject={$subject}]"))
            ->getAttribute('data-standing');
    }

    /** How high the ring's cut face is drawn, in pixels. */
    private function ringHeight(): float
    {
        $height = $this->driver->executeScript(
            'const g = [...document.querySelectorAll("svg [role=button]")].find((e) => '
                .'e.getAttribute("aria-label").startsWith("Ring")); return g.querySelectorAll("path")[1].getBBox().height;',
        );
        self::assertIsNumeric($height);

        return (float) $height;
    }
}
