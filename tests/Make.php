<?php

declare(strict_types=1);

namespace Pindle\Tests;

use Pindle\App\Platform\Content\ContentFiles;
use Pindle\App\Platform\Content\Library;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\HandMark;
use Pindle\Core\Evidence\HelpLevel;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\OneTry;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Seen;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Evidence\Witness;
use Pindle\Core\Skill\Form;
use Pindle\Core\Thing\Shape;
use Pindle\Core\Thing\Size;
use Pindle\Core\Thing\Thing;

/** Small makers of values, so that a test says only what it is about. */
final class Make
{
    private static ?Library $library = null;
    private static int $tries = 0;

    /** What is in content/, read without a kernel. */
    public static function library(): Library
    {
        return self::$library ??= new Library(new ContentFiles(\dirname(__DIR__).'/content', \dirname(__DIR__).'/var/test'));
    }

    public static function day(int $day): LocalDate
    {
        return LocalDate::parse('2026-03-02')->plusDays($day);
    }

    public static function aTry(
        string $step,
        int $day,
        Outcome $outcome = Outcome::WorkedItOut,
        float $guess = 0.05,
        HelpLevel $help = HelpLevel::Bare,
        string $family = 'fetch-me',
        ?Form $form = null,
        ?Slip $slip = null,
        string $thing = 'pegs',
        int $minute = 0,
        ?Method $method = null,
        ?float $error = null,
        bool $isLook = false,
    ): OneTry {
        $number = ++self::$tries;

        return new OneTry(
            \sprintf('00000000-0000-4000-8000-%012d', $number),
            $step,
            'sitting-'.$day.'-'.$family,
            $family,
            $form,
            $help,
            [$thing],
            'give-me:'.$number % 5,
            $guess,
            $outcome,
            $method,
            $slip,
            self::day($day)->toDateTime()->modify('+9 hours')->modify('+'.($minute * 60 + $number % 60).' seconds'),
            self::day($day),
            'device',
            $error,
            $isLook,
        );
    }

    public static function witness(string $step, int $day, Outcome $outcome, int $minute = 0): Witness
    {
        $number = ++self::$tries;

        return new Witness(\sprintf('00000000-0000-4000-9000-%012d', $number), $step, $outcome, 'in the garden', self::day($day)->toDateTime()->modify('+'.(9 * 60 + $minute).' minutes'), self::day($day), 'device');
    }

    public static function handMark(string $step, int $day, Mark $mark, int $minute = 0): HandMark
    {
        $number = ++self::$tries;

        return new HandMark(\sprintf('00000000-0000-4000-a000-%012d', $number), $step, $mark, 'I know it', self::day($day)->toDateTime()->modify('+'.(9 * 60 + $minute).' minutes'), self::day($day), 'device');
    }

    /** @param list<Seen> $evidence */
    public static function record(array $evidence, Settings $settings = new Settings()): ChildRecord
    {
        return ChildRecord::replay(self::library()->wholeMap(), $evidence, $settings);
    }

    /** @param list<Span> $rests */
    public static function child(string $name, int $months, array $rests = [], ?int $minutes = null, ?int $longest = null): Child
    {
        $born = self::day(0)->plusDays(-(int) round($months * 30.44) - 3);

        return new Child(strtolower($name), $name, $born, rests: $rests, minutesADay: $minutes, longestSitting: $longest);
    }

    /** @param array{float, float, float}|null $size */
    public static function thing(string $name, int $amount, ?array $size, Shape $shape = Shape::Block): Thing
    {
        return new Thing($name, $name, rtrim($name, 's'), $amount, null === $size ? null : Size::of(...$size), $shape, glyph: $name);
    }
}
