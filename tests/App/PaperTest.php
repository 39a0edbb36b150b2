<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

/** Pages of words: one page each, in letters that can be read, with the words of the house. */
final class PaperTest extends ApiTestCase
{
    private string $child = '';

    /** @return iterable<string, array{string, list<string>}> */
    public static function documents(): iterable
    {
        yield 'the day' => ['/today/day.pdf', ['Wednesday 4 March', 'Put out:', 'All alone', 'Not yet', 'Wim']];
        yield 'the card' => [
            '/today/card.pdf',
            ['For whoever steps in', 'Say, one after the other', 'not today', 'Pip is under three', 'Pip must not have, or touch: nuts'],
        ];
        yield 'an activity' => ['/activities/two-colour-tray.pdf', ['Two colours in the tray', 'Look for', 'To print: Frame for things']];
        yield 'the record' => ['/map/{child}/record.pdf', ['Wim, 4 March 2026', 'Counting', 'not a test']];
    }

    /** @param list<string> $said */
    #[DataProvider('documents')]
    public function test_each_is_one_page_on_either_paper(string $path, array $said): void
    {
        $this->house();
        foreach (['a4' => '595 x 842', 'letter' => '612 x 792'] as $paper => $size) {
            $pdf = $this->text(str_replace('{child}', $this->child, $path).'?paper='.$paper);
            self::assertSame(1, preg_match_all('~/Type /Page\b(?!s)~', $pdf), $paper);
            preg_match('/Page size: +([\d.]+) x ([\d.]+)/', self::through(['pdfinfo', '-'], $pdf), $found);
            self::assertSame($size, round((float) ($found[1] ?? 0)).' x '.round((float) ($found[2] ?? 0)), $paper);
        }
        $words = (string) preg_replace('/\s+/', ' ', self::through(['pdftotext', '-layout', '-', '-'], $pdf));
        foreach ($said as $one) {
            self::assertStringContainsString($one, $words);
        }
        self::assertStringContainsString('Andika', $pdf);
    }

    /** Six children, each with a long day: still one page. */
    public function test_a_full_day_of_six_is_one_page(): void
    {
        $this->house();
        foreach (['Nell', 'Odd', 'Pell', 'Quist'] as $i => $name) {
            $this->addChild($name.' '.str_repeat('Longname', 5), (2018 + $i).'-05-01');
        }
        $this->ask('POST', '/today/plan', ['windows' => [[480, 720], [780, 1080]]]);
        self::assertSame(1, preg_match_all('~/Type /Page\b(?!s)~', $this->text('/today/day.pdf')));
        self::assertSame(1, preg_match_all('~/Type /Page\b(?!s)~', $this->text('/today/card.pdf')));
    }

    /** Names are written as far as the face goes, and nothing in them becomes part of the page or turns it round. */
    public function test_names_in_other_letters_are_only_words(): void
    {
        $this->house();
        $this->addChild('Tam &amp; שירה 🚀', '2019-01-01');
        $this->ask('POST', '/today/plan', ['windows' => [[480, 720]]]);
        $pdf = $this->text('/today/day.pdf');
        $words = (string) preg_replace('/\s+/', ' ', self::through(['pdftotext', '-layout', '-', '-'], $pdf));
        self::assertStringContainsString('Tam &amp; şyrh:', $words);
        self::assertStringNotContainsString('🚀', $words);
    }

    public function test_a_day_or_a_paper_that_there_is_not_is_refused(): void
    {
        $this->house();
        $this->refuse(422, 'day', 'GET', '/today/day.pdf?day=soon');
        $this->refuse(422, 'day', 'GET', '/today/card.pdf?day=soon');
        $this->refuse(404, 'id', 'GET', '/activities/none.pdf');
    }

    private function house(): void
    {
        $this->plannedHouse();
        $this->child = (string) $this->ask('GET', '/children')['present'][0]['id'];
        $pip = $this->addChild('Pip', '2024-06-01');
        $version = array_column($this->ask('GET', '/children')['present'], 'version', 'id')[$pip];
        $this->ask('PUT', '/children/'.$pip, ['name' => 'Pip', 'born' => '2024-06-01', 'allergies' => ['nuts'], 'version' => $version]);
        // A game is known once it was used; what was told to be known is known too.
        foreach ($this->ask('GET', '/today')['setUps'] as $setUp) {
            $this->ask('PUT', '/activities/'.$setUp['activityId'].'/known', ['known' => true], 204);
        }
    }

    /** @param list<string> $command */
    private static function through(array $command, string $input): string
    {
        $process = new Process($command);
        $process->setInput($input)->mustRun();

        return $process->getOutput();
    }
}
