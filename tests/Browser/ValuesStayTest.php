<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use MoltenNotes\Tests\Support\Chromium;

/** What was typed stays what was typed: through another process, other units, another hand, a full device and a number taken over. */
final class ValuesStayTest extends DevicesTestCase
{
    public function testAnotherProcessKeepsWhatWasTypedForTheFirst(): void
    {
        $this->register('second-process@molten.example');
        $this->aCasting('Cleat');
        $this->press('Log an attempt');
        $this->choose('Mould process', 'Green sand');
        $this->choose('Squeeze test', 'Sticky');
        $this->choose('Mould process', 'Lost foam');
        $this->see('Kept as you typed it. It counts again when the process does.');
        $this->press('Save the pour');
        $this->see('No. 1');
        $this->open((string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH).'/log');
        $this->see('Of another process');
        $this->choose('Mould process', 'Green sand');
        $this->find('//*[@aria-label="Squeeze test"]//button[@aria-checked="true" or @aria-pressed="true"][contains(., "Sticky")]');
        self::assertStringNotContainsString('Of another process', $this->text());
    }

    public function testOneInchStaysOneInchForWhoReadsMillimetresAndIsOfferedSo(): void
    {
        $this->register('inches@molten.example');
        $this->aCasting('Cleat');
        $this->press('Log an attempt');
        $this->pick('Metal', 'Al-Si7Mg (wheels, castings)');
        $this->type('Thinnest wall', '5/16 in');
        $this->press('Save the pour');
        $this->see('No. 1');
        $first = (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
        // As last time is the stored 5/16 inch; only its words are millimetres.
        $this->press('Castings', '//nav[@aria-label="Places"]');
        $this->follow('Cleat');
        $this->press('Log an attempt');
        $this->press("as last time: 7.94\u{A0}mm", '//*[@data-field="casting.wall"]');
        $this->press('Save the pour');
        $this->see('No. 2');
        $second = (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
        foreach ([$first, $second] as $attempt) {
            self::assertSame(['value' => 0.3125, 'unit' => 'in'], $this->read("/api{$attempt}")['made']['casting.wall']['raw']);
        }
    }

    public function testASizeTakenSoKeepsItsOwnRuleInInches(): void
    {
        $this->register('taken-so@molten.example');
        $this->open('/settings');
        $this->choose('Length', 'in');
        $this->aCasting('Fairlead');
        $this->press('Plan an attempt');
        $this->pick('Mould process', 'Green sand');
        $this->pick('Metal', 'Al-Si7Mg (wheels, castings)');
        $this->press('Plate', '//*[@aria-label="Add a section"]');
        foreach (['length' => '2', 'width' => '1 3/4', 'thickness' => '1 1/2'] as $measure => $inches) {
            $entry = "//*[@role='group'][starts-with(@aria-label, 'Section 1:')]//label[.='{$measure}']/following-sibling::input";
            $this->enter($this->find($entry), $inches);
        }
        $this->press('Riser', '//*[starts-with(@aria-label, "Section 1:")]');
        $this->press('Gating', '//*[@role="tablist"]');
        $this->type('Head of metal', '4');
        $this->settle();
        $this->press('Will it feed', '//*[@role="tablist"]');
        $this->settle();
        $this->press('take it so', "//*[@data-state='active']//*[@data-figure='riser_diameter']");
        $this->settle();
        self::assertStringContainsString('in', $this->typed('Riser diameter'));
        $this->find("//*[@data-state='active']//*[@data-figure='feeder_ratio'][@data-standing='good']");
        $this->press('Save the plan');
        $this->see('No. 1: planned');
        self::assertStringNotContainsString(' mm', $this->text());
    }

    public function testAWorkshopChangedOnTwoDevicesIsOneWorkshop(): void
    {
        $this->register('two-benches@molten.example');
        $this->open('/workshop');
        $this->press('Add a flask');
        $this->type('What you call it', 'Small');
        $this->press('Keep it');
        $this->find('//*[@data-thing="Small"]');
        $phone = $this->driver;
        $desk = $this->another();
        $this->signIn('two-benches@molten.example');
        $this->open('/workshop');
        // The desk opens the flask before the phone says how long it is.
        $this->press('Small', '//*[@data-thing="Small"]');
        $this->type('Width inside', '200 mm');
        $this->driver = $phone;
        $this->press('Small', '//*[@data-thing="Small"]');
        $this->type('Length inside', '300 mm');
        $this->press('Keep it');
        $this->find('//*[@data-thing="Small"]//p[contains(., "300")]');
        $this->type('Currency', 'GBP');
        $this->press('Save prices, lift, school');
        $this->see('Saved.');
        $this->driver = $desk;
        $this->press('Keep it');
        $this->find('//*[@data-thing="Small"]//p[contains(., "300") and contains(., "200")]');
        $this->press('Add a flask');
        $this->type('What you call it', 'Long');
        $this->press('Keep it');
        $this->find('//*[@data-thing="Long"]');
        $workshop = $this->read('/api/workshop');
        $names = array_map(static fn (array $row): mixed => $row['columns']['name']['raw'], $workshop['flasks']);
        self::assertSame(['Small', 'Long'], $names);
        self::assertSame('GBP', $workshop['currency']);
        self::assertSame(
            [300, 200],
            [$workshop['flasks'][0]['columns']['length']['raw']['value'], $workshop['flasks'][0]['columns']['width']['raw']['value']],
        );
    }

    public function testAFullDeviceDoesNotStopTheHand(): void
    {
        $this->register('full-device@molten.example');
        $this->aCasting('Cleat');
        // As a browser says it when its disk is full.
        $this->driver->executeScript(
            'for (const write of ["put", "add"]) '
                .'IDBObjectStore.prototype[write] = () => { throw new DOMException("", "QuotaExceededError"); };',
        );
        $this->press('Log an attempt');
        $this->type('Note', 'typed on a full device');
        $this->see('This device cannot keep what you type');
        self::assertSame('typed on a full device', $this->typed('Note'));
        Chromium::resize($this->driver, 390, 844);
        $this->press('Save the pour');
        $this->see('No. 1');
        $this->find('//header//p[contains(., "typed on a full device")]');
        $this->attempts('1 attempt,');
    }

    /**
     * What the notebook has, read as the page would.
     *
     * @return array<string, mixed>
     */
    private function read(string $path): array
    {
        $answer = $this->driver->executeAsyncScript(
            'const [path, done] = arguments; fetch(path).then((a) => a.text()).then(done, (e) => done(String(e)));',
            [$path],
        );
        self::assertIsString($answer);
        $data = json_decode($answer, true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($data);

        /* @var array<string, mixed> $data */
        return $data;
    }
}
