<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\TestCase;
use Pindle\App\Exchange\Format;
use Pindle\App\Exchange\NotImportable;
use Pindle\App\Exchange\Parcel;

/** How large a household file may be, asked before anything of it is read. */
final class ParcelTest extends TestCase
{
    private string $file;

    protected function setUp(): void
    {
        $this->file = sys_get_temp_dir().'/pindle-parcel-'.bin2hex(random_bytes(4)).'.zip';
    }

    protected function tearDown(): void
    {
        unlink($this->file);
    }

    public function test_two_thousand_photographs_and_the_rest_fit_and_no_more_files(): void
    {
        $this->zip(2100);
        Parcel::open($this->file);
        $this->zip(2101);
        $this->expectException(NotImportable::class);
        Parcel::open($this->file);
    }

    public function test_a_line_of_four_megabytes_is_the_longest(): void
    {
        // Letters that cannot be squeezed much, so that it is the line that is too long.
        $letters = base64_encode(random_bytes(4 * 1_048_576));
        $note = static fn (int $bytes): string => '{"note":"'.substr($letters, 0, $bytes - 12)."\"}\n";
        $this->zip(1, ['notes.jsonl' => $note(4 * 1_048_576)]);
        self::assertCount(1, iterator_to_array(Parcel::open($this->file)->lines('notes')));
        $this->zip(1, ['notes.jsonl' => $note(4 * 1_048_576 + 1)]);
        $this->expectExceptionMessage('notes.jsonl, line 1 is too long');
        iterator_to_array(Parcel::open($this->file)->lines('notes'));
    }

    public function test_what_is_squeezed_two_hundred_times_is_no_household_unless_it_is_small(): void
    {
        // The same line over and over: about 180 and about 300 times as large as in the zip.
        $lines = static fn (int $different): string => implode('', array_map(
            static fn (int $i): string => str_repeat('x', 400).($i < $different ? md5((string) $i) : '').str_repeat('y', 400)."\n",
            range(1, 4000),
        ));
        $this->zip(1, ['notes.jsonl' => substr($lines(0), 0, 1_048_576)]);
        Parcel::open($this->file);
        foreach ([[$lines(320), false], [$lines(0), true]] as [$text, $isRefused]) {
            $this->zip(1, ['notes.jsonl' => $text]);
            $by = \strlen($text) / $this->squeezed('notes.jsonl');
            self::assertSame($isRefused, $by > 200, (string) $by);
            try {
                Parcel::open($this->file);
                self::assertFalse($isRefused, (string) $by);
            } catch (NotImportable) {
                self::assertTrue($isRefused, (string) $by);
            }
        }
    }

    public function test_a_large_head_is_not_read(): void
    {
        $this->zip(1, [Format::HEAD => '{"what":"'.base64_encode(random_bytes(48 * 1_048_576)).'"}']);
        $this->expectExceptionMessage('household.json: it is too large');
        Parcel::open($this->file)->head();
    }

    private function squeezed(string $name): int
    {
        $zip = new \ZipArchive();
        $zip->open($this->file, \ZipArchive::RDONLY);

        return max(1, $zip->statName($name)['comp_size'] ?? 1);
    }

    /** @param array<string, string> $more name => content */
    private function zip(int $files, array $more = []): void
    {
        $zip = new \ZipArchive();
        $zip->open($this->file, \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
        $zip->addFromString(Format::HEAD, '{}');
        for ($i = 1; $i < $files; ++$i) {
            $zip->addFromString(\sprintf('%s%032x.jpg', Format::PHOTOGRAPHS, $i), 'x');
        }
        foreach ($more as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();
    }
}
