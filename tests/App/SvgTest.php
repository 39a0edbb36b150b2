<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\TestCase;
use Pindle\App\Platform\Svg;
use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Line;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Drawing\Text;

/** A drawing as SVG: its marks in millimetres, its colours by their names, its words escaped. */
final class SvgTest extends TestCase
{
    public function test_every_mark_is_written_where_it_is(): void
    {
        self::assertSame(
            '<rect x="5" y="10" width="10" height="20" rx="2" fill="#fff" stroke="#000" stroke-width="0.5"/>',
            self::mark(new Box(10, 20, 10, 20, 2, new Paint('paper', 'edge', 0.5))),
        );
        self::assertSame('<rect x="5" y="10" width="10" height="20" fill="none"/>', self::mark(new Box(10, 20, 10, 20, 0, new Paint())));
        self::assertSame('<ellipse cx="10" cy="20" rx="4" ry="3" fill="#fff"/>', self::mark(new Oval(10, 20, 8, 6, new Paint('paper'))));
        self::assertSame(
            '<line x1="1" y1="2" x2="3.25" y2="4" fill="none" stroke="#000" stroke-width="1"/>',
            self::mark(new Line(1, 2, 3.25, 4, new Paint(null, 'edge'))),
        );
        self::assertSame('<path d="M0 0h9" fill="#000"/>', self::mark(new Path('M0 0h9', new Paint('edge'))));
        self::assertSame(
            '<path d="M0 0h9" transform="translate(3 4)scale(-0.5 0.5)rotate(90)" fill="#000"/>',
            self::mark(new Path('M0 0h9', new Paint('edge'), 3, 4, 0.5, 90, true)),
        );
    }

    public function test_what_is_taken_away_is_dashed_and_what_is_faint_is_faint(): void
    {
        self::assertStringContainsString(
            ' stroke-width="2" stroke-dasharray="4.4 3.6" opacity="0.35"',
            self::mark(new Oval(0, 0, 4, 4, new Paint(null, 'edge', 2.0, true, 0.35))),
        );
        self::assertStringContainsString(
            ' stroke-dasharray="2.2 1.8"',
            self::mark(new Oval(0, 0, 4, 4, new Paint(null, 'edge', 0.2, true))),
            'never finer than for one millimetre',
        );
    }

    public function test_words_are_messages_and_are_escaped(): void
    {
        $svg = self::svg()->write(
            new Drawing(20, 20, [new Text(10, 10, 7.2, 'more', ['n' => 3], 'edge')], 'alt'),
            'a < b & "c"',
            static fn (string $message, array $values): string => $message.' & '.$values['n'],
        );

        self::assertStringContainsString('>more &amp; 3</text>', $svg);
        self::assertStringContainsString(' role="img" aria-label="a &lt; b &amp; &quot;c&quot;"', $svg);
        self::assertStringNotContainsString('style', $svg);
        self::assertNotFalse(simplexml_load_string($svg));
    }

    public function test_a_drawing_has_a_margin_and_what_is_small_has_room_about_it(): void
    {
        $box = static fn (float $wide, float $high): string => preg_match(
            '/viewBox="([^"]+)"/',
            self::svg()->write(new Drawing(20, 10, [], ''), null, static fn (): string => '', $wide, $high),
            $found,
        ) ? $found[1] : '';

        self::assertSame('-6 -6 32 22', $box(0, 0));
        self::assertSame('-70 -45 160 100', $box(160, 100), 'about its middle');
        self::assertSame('-70 -6 160 22', $box(160, 22));
    }

    public function test_beside_words_that_say_the_same_it_is_hidden_from_those_who_hear(): void
    {
        self::assertStringContainsString(' aria-hidden="true"', self::svg()->write(new Drawing(20, 10, [], ''), null, static fn (): string => ''));
    }

    public function test_an_ink_that_is_not_there_is_an_error(): void
    {
        $this->expectException(\OutOfBoundsException::class);
        $this->expectExceptionMessage('"gold"');
        self::mark(new Oval(0, 0, 4, 4, new Paint('gold')));
    }

    private static function svg(): Svg
    {
        return new Svg(['paper' => '#fff', 'edge' => '#000']);
    }

    private static function mark(Mark $mark): string
    {
        $svg = self::svg()->write(new Drawing(20, 20, [$mark], ''), null, static fn (): string => '');

        return preg_match('#<g [^>]*>(.*)</g>#', $svg, $found) ? $found[1] : '';
    }
}
