<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

/** What is made is picked, seen and printed, on the phone. */
final class MakeTest extends BrowserTestCase
{
    public function test_every_sheet_is_picked_seen_and_printed(): void
    {
        $this->server = new Server(self::TODAY, true);
        $this->chrome->size(390, 844, true, 2);
        $this->open('/make');
        $this->chrome->waitForText('What do we make?');
        $sheets = $this->api('/make')['sheets'];
        self::assertNotSame([], $sheets);
        foreach ($sheets as $sheet) {
            $this->chrome->click('[data-sheet="'.$sheet['kind'].'"]');
            $this->chrome->click('[data-sheet="'.$sheet['kind'].'"][aria-pressed="true"]');
            $this->chrome->driver->wait(8)->until(
                fn (): bool => [] !== $this->all('[aria-label="The sheet"] svg[viewBox^="0 0 "]:not([viewBox="0 0 24 24"])')
                    && [] !== $this->all('[aria-label="The sheet"] a[href^="/api/make/'.$sheet['kind'].'.pdf?"]'),
                $sheet['name'],
            );
        }
        $this->assertAccessible('Make');
        // The browser says where the link leads in full.
        $pdf = (string) $this->all('[aria-label="The sheet"] a[href^="/api/make/"]')[0]->getAttribute('href');
        $pdf = $this->server->url.substr($pdf, (int) strpos($pdf, '/api/'));
        self::assertStringStartsWith('%PDF-', (string) file_get_contents($pdf));
    }
}
