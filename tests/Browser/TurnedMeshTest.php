<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use MoltenNotes\Tests\Support\Meshes;

/** A drawn casting is read, turned on the side that costs least, its high point vented and its thick place fed. */
final class TurnedMeshTest extends JourneyTestCase
{
    public function testAMeshIsTurnedVentedAndFed(): void
    {
        $this->register('turned@molten.example');
        $this->press('Castings', '//nav[@aria-label="Places"]');
        $this->press('New casting');
        $this->type('What is it?', 'Bearing bracket');
        $this->press('Add the casting');
        $this->see('No attempt yet');
        $this->press('Plan an attempt');
        $this->see('Or from a mesh that was drawn', 15);

        // Drawn on its side: as it stands its foot locks in sand under the lump.
        $file = (string) tempnam(sys_get_temp_dir(), 'bracket');
        file_put_contents($file, Meshes::binary([...Meshes::box([8, 60, 100]), ...Meshes::box([25.5, 30, 30], [7.5, 15, 35])]));
        $this->find('//*[@aria-label="Start from a mesh"]//input[@type="file"]')->sendKeys($file);
        $this->see('Which way up', 30);
        unlink($file);
        $ways = $this->driver->findElements(WebDriverBy::xpath('//*[@aria-label="Which way up"]//li'));
        self::assertCount(6, $ways);
        self::assertStringContainsString('LEAST TROUBLE', $ways[0]->getText());
        self::assertStringContainsString('none', $ways[0]->getText());
        $this->driver->findElement(WebDriverBy::xpath('//*[@aria-label="Which way up"]//li[1]//button'))->click();
        $this->find('//*[@aria-label="Mesh: Casting"]');
        $this->see('its thickest place');

        $this->pick('Mould process', 'Green sand');
        $this->pick('Metal', 'Al-Si7Mg (wheels, castings)');
        // What freezes last is seen in the cut and from above, with its figure.
        $this->press('Freezing order', '//*[@aria-label="Laid over the drawing"]');
        $this->see('liquid longest here');
        $this->see('at once to');
        $this->press('Out of reach', '//*[@aria-label="Laid over the drawing"]');
        $this->see('without a riser nothing feeds them');
        $this->press('As it is', '//*[@aria-label="Laid over the drawing"]');
        $this->press('Will it feed', '//*[@role="tablist"]');
        $this->see('nothing feeds it');
        $this->see('a high point without a vent');
        $this->press('Pattern', '//*[@role="tablist"]');
        $this->press('Riser', '//*[@aria-label="Mesh: Casting"]');
        $this->press('Will it feed', '//*[@role="tablist"]');
        $this->type('Riser diameter', '60 mm');
        $this->leaveField();
        $this->see('Feeder against the thickest place');
        self::assertStringNotContainsString('nothing feeds it', $this->text());
        self::assertStringNotContainsString('a high point without a vent', $this->text());

        // Turned over it is planned anew; what was marked on it stays.
        $this->press('Pattern', '//*[@role="tablist"]');
        $this->press('Turn it');
        $this->press('Lay it so: As drawn');
        $this->see('As drawn, ');
        $this->press('Save the plan');
        $this->see('No. 1: planned');
        self::assertStringContainsString('1 section', $this->text());
    }
}
