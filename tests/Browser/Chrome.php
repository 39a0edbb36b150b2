<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** Headless Chromium from Debian's packages, driven by its ChromeDriver. */
final class Chrome
{
    private Process $service;
    private string $profile;
    public RemoteWebDriver $driver;

    public function __construct()
    {
        $port = Server::freePort();
        $this->service = new Process(['chromedriver', '--port='.$port, '--log-level=SEVERE']);
        $this->service->setTimeout(null)->start();
        $this->profile = sys_get_temp_dir().'/pindle-chrome-'.bin2hex(random_bytes(4));
        $options = (new ChromeOptions())->setBinary('/usr/bin/chromium')->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--hide-scrollbars',
            '--force-color-profile=srgb',
            // Foreign names that lead to this machine, as a trick would have them.
            '--host-resolver-rules=MAP *.evil.example 127.0.0.1',
            // Newer browsers ask before a page reaches into the own network; the house must stand without.
            '--disable-features=LocalNetworkAccessChecks,PrivateNetworkAccessSendPreflights,BlockInsecurePrivateNetworkRequests',
            '--user-data-dir='.$this->profile,
        ]);
        $capabilities = DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options);
        $until = microtime(true) + 20;
        while (!@fsockopen('127.0.0.1', $port)) {
            if (microtime(true) > $until || !$this->service->isRunning()) {
                throw new \RuntimeException('ChromeDriver did not start: '.$this->service->getErrorOutput());
            }
            usleep(50_000);
        }
        $this->driver = RemoteWebDriver::create('http://127.0.0.1:'.$port, $capabilities, 20_000, 60_000);
        $this->size(1280, 800);
    }

    /** The size of the page itself; a phone also says it is one. */
    public function size(int $width, int $height, bool $phone = false, float $scale = 1): void
    {
        (new ChromeDevToolsDriver($this->driver))->execute(
            'Emulation.setDeviceMetricsOverride',
            ['width' => $width, 'height' => $height, 'deviceScaleFactor' => $scale, 'mobile' => $phone],
        );
    }

    public function click(string $css): void
    {
        $this->press($this->driver->wait(10)->until(WebDriverExpectedCondition::elementToBeClickable(WebDriverBy::cssSelector($css))));
    }

    public function clickText(string $text, string $element = 'button'): void
    {
        $by = WebDriverBy::xpath(\sprintf('//%s[contains(normalize-space(.), "%s")]', $element, $text));
        $this->press($this->driver->wait(10)->until(WebDriverExpectedCondition::elementToBeClickable($by)));
    }

    private function press(RemoteWebElement $element): void
    {
        // What is fixed at the foot of a phone covers nothing that is in the middle.
        $this->driver->executeScript('arguments[0].scrollIntoView({block: "center"})', [$element]);
        $element->click();
    }

    public function type(string $css, string $text): void
    {
        $field = $this->driver->wait(10)->until(WebDriverExpectedCondition::visibilityOfElementLocated(WebDriverBy::cssSelector($css)));
        $field->clear();
        $field->sendKeys($text);
    }

    public function waitForText(string $text): void
    {
        try {
            $this->driver->wait(30)->until(fn (): bool => str_contains($this->text(), $text));
        } catch (TimeoutException $e) {
            throw new TimeoutException(\sprintf('"%s" did not appear. The page says: %s', $text, substr($this->text(), 0, 1500)), $e->getResults());
        }
    }

    public function text(): string
    {
        return (string) $this->driver->executeScript('return document.body.innerText');
    }

    public function shot(string $file): void
    {
        // Fonts and the last paint have to be there first.
        $this->driver->executeAsyncScript('const done = arguments[0]; document.fonts.ready.then(() => requestAnimationFrame(() => setTimeout(done, 120)));');
        $this->driver->takeScreenshot($file);
    }

    public function close(): void
    {
        $this->driver->quit();
        $this->service->stop(2);
        (new Filesystem())->remove($this->profile);
    }
}
