<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use MoltenNotes\Tests\Support\Chromium;
use PHPUnit\Framework\TestCase;

/** Drives the real interface as a caster does, and counts what the caster has to do: a press or an entry is one action. */
abstract class JourneyTestCase extends TestCase
{
    protected RemoteWebDriver $driver;
    protected int $actions = 0;

    protected function setUp(): void
    {
        $driver = getenv('MOLTEN_TEST_DRIVER');
        self::assertIsString($driver, 'run bin/test browser: it starts the application and the browser');
        $this->driver = Chromium::open($driver);
        $this->actions = 0;
    }

    protected function tearDown(): void
    {
        if ($this->status()->isFailure() || $this->status()->isError()) {
            $this->driver->takeScreenshot(dirname(__DIR__, 2).'/var/test/log/'.preg_replace('/\W+/', '-', $this->name()).'.png');
        }
        $this->driver->quit();
    }

    protected function open(string $path): void
    {
        $this->driver->get(getenv('MOLTEN_TEST_URL').$path);
    }

    protected function signInAsDemo(): void
    {
        $this->open('/');
        $this->type('E-mail', 'demo@molten.example');
        $this->type('Password', 'pour-and-learn');
        $this->press('Sign in');
        $this->see('On the bench');
    }

    /** A new caster with an empty notebook. */
    protected function register(string $email): void
    {
        $this->open('/');
        $this->press('New here: open a notebook');
        $this->type('What we call you', 'A new caster');
        $this->type('E-mail', $email);
        $this->type('Password', 'four plain words here');
        $this->press('Open my notebook');
        $this->see('On the bench');
    }

    /** Presses the button, link or choice that reads so. Within: an XPath of the part of the page that is meant. */
    protected function press(string $words, string $within = ''): void
    {
        $quoted = self::quote($words);
        $this->act("{$within}//*[self::button or self::a or self::summary][normalize-space(.)={$quoted} or @aria-label={$quoted}]", $words);
    }

    protected function choose(string $label, string $choice): void
    {
        $this->press($choice, '//*[@role and @aria-label='.self::quote($label).']');
    }

    /** Follows the link that has these words in it. */
    protected function follow(string $words): void
    {
        $this->act('//main//a[contains(., '.self::quote($words).')]', $words);
    }

    /** Picks from a list that opens. */
    protected function pick(string $label, string $choice): void
    {
        $named = '//label[starts-with(normalize-space(.), '.self::quote($label).')]';
        $option = $this->find(
            "({$named}//select | {$named}/following::select[1])[1]//option[normalize-space(.)=".self::quote($choice).']',
        );
        $this->show($option);
        $option->click();
        ++$this->actions;
    }

    protected function type(string $label, string $text): void
    {
        $field = $this->find(
            '//label[starts-with(normalize-space(.), '.
                self::quote($label).
                ')]/following::*[self::input or self::textarea][1] | //label[starts-with(normalize-space(.), '.
                self::quote($label).
                ')]//input | //input[@aria-label='.
                self::quote($label).
                ']',
        );
        $this->show($field);
        $this->enter($field, $text);
    }

    /** Writes over what stands there, as a hand on a keyboard does. */
    protected function enter(RemoteWebElement $field, string $text): void
    {
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys($text);
        ++$this->actions;
    }

    protected function key(string $key): void
    {
        $this->driver->getKeyboard()->sendKeys($key);
        ++$this->actions;
    }

    protected function leaveField(): void
    {
        $this->driver->getKeyboard()->sendKeys(WebDriverKeys::TAB);
    }

    protected function see(string $words, int $seconds = 15): void
    {
        $this->find('//*[contains(normalize-space(.), '.self::quote($words).')]', $seconds);
        $this->addToAssertionCount(1);
    }

    /**
     * A casting of this caster with an attempt that is planned.
     *
     * @param array<string, mixed> $planned
     *
     * @return string the attempt
     */
    protected function planned(array $planned, string $name = 'Cleat'): string
    {
        $values = json_encode($planned, \JSON_THROW_ON_ERROR);
        $name = json_encode($name, \JSON_THROW_ON_ERROR);
        $id = $this->driver->executeAsyncScript(<<<JS
            const done = arguments[0];
            const uuid = () => {
              const bytes = crypto.getRandomValues(new Uint8Array(16));
              const now = Date.now();
              for (let i = 0; i < 6; i++) bytes[i] = Math.floor(now / 2 ** (8 * (5 - i))) % 256;
              bytes[6] = 0x70 | (bytes[6] & 15);
              bytes[8] = 0x80 | (bytes[8] & 63);
              const hex = [...bytes].map((n) => n.toString(16).padStart(2, '0')).join('');
              return [8, 12, 16, 20, 32].map((end, i) => hex.slice([0, 8, 12, 16, 20][i], end)).join('-');
            };
            (async () => {
              const { csrf } = await fetch('/api/session').then((r) => r.json());
              const [casting, attempt] = [uuid(), uuid()];
              const set = Object.fromEntries(Object.entries({$values}).map(([field, to]) => ['planned.' + field, { was: null, to }]));
              const headers = { 'X-CSRF-Token': csrf, 'Content-Type': 'application/json' };
              const answer = await fetch('/api/commands', { method: 'POST', headers,
                body: JSON.stringify({ id: uuid(), changes: [
                  { part: 'casting', id: casting, create: {}, set: { name: { was: null, to: {$name} } } },
                  { part: 'attempt', id: attempt, create: { casting }, set } ] }) });
              done(answer.ok ? attempt : await answer.text());
            })();
            JS);
        self::assertIsString($id);
        self::assertSame(36, strlen($id), $id);

        return $id;
    }

    /** Waits until the numbers on the screen belong to what stands in the entries. */
    protected function settle(): void
    {
        $busy = WebDriverBy::cssSelector('[aria-busy="true"]');
        $this->driver->wait(15, 50)->until(fn (): bool => [] === $this->driver->findElements($busy));
    }

    protected function text(): string
    {
        return str_replace("\u{00A0}", ' ', $this->driver->findElement(WebDriverBy::tagName('body'))->getText());
    }

    protected function find(string $xpath, int $seconds = 15): RemoteWebElement
    {
        $until = microtime(true) + $seconds;
        do {
            foreach ($this->driver->findElements(WebDriverBy::xpath($xpath)) as $element) {
                try {
                    if ($element->isDisplayed()) {
                        return $element;
                    }
                } catch (StaleElementReferenceException) {
                    // The page drew it anew; the next look finds the new one.
                }
            }
            usleep(50_000);
        } while (microtime(true) < $until);
        self::fail("{$xpath} is not on the page:\n".mb_substr($this->text(), 0, 3000));
    }

    private function act(string $xpath, string $words): void
    {
        $until = microtime(true) + 15;
        do {
            try {
                $element = $this->find($xpath);
                if ($element->isEnabled()) {
                    $this->show($element);
                    $element->click();
                    ++$this->actions;

                    return;
                }
            } catch (StaleElementReferenceException) {
                // Drawn anew between finding and pressing: look again.
            }
            usleep(50_000);
        } while (microtime(true) < $until);
        self::fail("“{$words}” cannot be pressed");
    }

    private function show(RemoteWebElement $element): void
    {
        $this->driver->executeScript('arguments[0].scrollIntoView({block: "center"})', [$element]);
    }

    private static function quote(string $text): string
    {
        return str_contains($text, '"') ? "'{$text}'" : "\"{$text}\"";
    }
}
