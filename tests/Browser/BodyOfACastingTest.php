<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** A casting is laid from a shape, seen in section and from above, and told when it may be opened. */
final class BodyOfACastingTest extends JourneyTestCase
{
    public function testABellIsLaidFromThreeMeasurementsAndPlannedToItsOpening(): void
    {
        $this->register('bell@molten.example');
        $this->press('Castings', '//nav[@aria-label="Places"]');
        $this->press('New casting');
        $this->type('What is it?', 'Fog bell');
        $this->press('Add the casting');
        $this->see('No attempt yet');
        $this->press('Plan an attempt');
        $this->see('Start from', 15);

        $this->press('Bell or cup', '//*[@aria-label="Shapes to start from"]');
        $this->type('Mouth, outside', '130 mm');
        $this->type('Height', 'high');
        $this->type('Wall', '6 mm');
        $this->press('Lay it out');
        $this->see('“high” cannot be read as a length');
        $this->type('Height', '95 mm');
        $this->press('Lay it out');

        // What was laid is sections like any other, in section and from above.
        $this->find('//*[@aria-label="Section 2: Floor"]');
        $this->find('//*[@aria-label="The casting from above, to scale"]//*[@aria-label="Wall"]');
        $this->see('High point: air is shut in');
        $bodies = '//*[@aria-label="The casting from above, to scale"]//*[@role="button"]';
        self::assertCount(2, $this->driver->findElements(WebDriverBy::xpath($bodies)));

        $this->pick('Mould process', 'Oil-bonded sand');
        $this->pick('Metal', 'Tin bronze 90/10');
        $this->press('Opening', '//*[@role="tablist"]');
        $this->see('Solid right through after');
        $this->see('The mould no longer flares');
        $this->type('Opened after', '1 s');
        $this->leaveField();
        $this->see('the inside may still be liquid');
        $this->type('Opened after', '3 h');
        $this->choose('Quenched', 'Yes');
        $this->see('This metal is not quenched from the mould');

        // A knob on top: a section more, and the air is shut in there.
        $this->press('Pattern', '//*[@role="tablist"]');
        $this->press('Boss', '//*[@aria-label="Add a section"]');
        $this->settle();
        $this->press('Save the plan');
        $this->see('No. 1: planned');
        self::assertStringContainsString('3 sections', $this->text());
    }
}
