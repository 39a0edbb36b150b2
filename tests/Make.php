<?php

declare(strict_types=1);

namespace Pindle\Tests;

use Pindle\App\Content\ActivityFile;
use Pindle\App\Content\CautionFile;
use Pindle\App\Content\ContentFiles;
use Pindle\App\Content\GlyphFile;
use Pindle\App\Content\InkFile;
use Pindle\App\Content\SkillFile;
use Pindle\App\Content\ThingFile;
use Pindle\App\Content\Words;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Activity\HouseRule;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\Choosing;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Closing;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\HandMark;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Purpose;
use Pindle\Core\Evidence\Seen;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Evidence\Witness;
use Pindle\Core\Planning\Candidate;
use Pindle\Core\Planning\Candidates;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Thing\Ability;
use Pindle\Core\Thing\Shape;
use Pindle\Core\Thing\Size;
use Pindle\Core\Thing\Thing;

/** Small makers of values, so that a test says only what it is about. */
final class Make
{
    private static ?ContentFiles $files = null;
    private static ?SkillFile $skills = null;
    private static ?Catalogue $catalogue = null;
    private static ?SkillMap $map = null;
    private static int $attempts = 0;

    /** What is in content/, read without a kernel. */
    public static function files(): ContentFiles
    {
        return self::$files ??= new ContentFiles(\dirname(__DIR__).'/content', \dirname(__DIR__).'/var/test-core');
    }

    public static function skills(): SkillFile
    {
        return self::$skills ??= new SkillFile(self::files());
    }

    public static function things(): ThingFile
    {
        return new ThingFile(self::files(), self::glyphs());
    }

    public static function glyphs(): GlyphFile
    {
        return new GlyphFile(self::files(), new InkFile(self::files()));
    }

    public static function cautionFile(): CautionFile
    {
        return new CautionFile(self::files());
    }

    public static function cautions(): Cautions
    {
        return self::cautionFile()->cautions();
    }

    public static function activityFile(): ActivityFile
    {
        return new ActivityFile(self::files(), self::things(), self::skills());
    }

    /** All that ships with Pindle. */
    public static function catalogue(): Catalogue
    {
        if (null === self::$catalogue) {
            $file = self::activityFile();
            $shipped = $file->shipped();
            self::$catalogue = Catalogue::of(
                array_map(static fn (string $id, array $data): Activity => $file->read($id, $data), array_keys($shipped), $shipped),
                $file->props(),
            );
        }

        return self::$catalogue;
    }

    /** The skill map as written. */
    public static function wholeMap(): SkillMap
    {
        return self::skills()->map();
    }

    /** The skill map with the forms that a shipped activity shows. */
    public static function map(): SkillMap
    {
        return self::$map ??= self::catalogue()->narrow(self::wholeMap());
    }

    public static function words(): Words
    {
        return new Words(self::files(), self::skills(), self::cautionFile());
    }

    public static function day(int $day): LocalDate
    {
        return LocalDate::parse('2026-03-02')->plusDays($day);
    }

    public static function anAttempt(
        string $step,
        int $day,
        Outcome $outcome = Outcome::WorkedItOut,
        ?int $choices = null,
        Help $help = Help::Bare,
        string $activity = 'fetch-me',
        ?Form $form = null,
        ?Slip $slip = null,
        string $thing = 'pegs',
        int $minute = 0,
        ?Method $method = null,
        ?float $error = null,
        Purpose $purpose = Purpose::Sitting,
        ?string $question = null,
    ): Attempt {
        $number = ++self::$attempts;

        return new Attempt(
            \sprintf('00000000-0000-4000-8000-%012d', $number),
            $step,
            'sitting-'.$day.'-'.$activity,
            $activity,
            $form,
            $help,
            [$thing],
            $question ?? 'give-me:'.$number % 5,
            $choices,
            $outcome,
            $method,
            $slip,
            self::day($day)->toDateTime()->modify('+9 hours')->modify('+'.($minute * 60 + $number % 60).' seconds'),
            self::day($day),
            'device',
            $error,
            $purpose,
        );
    }

    /** @param list<string> $things */
    public static function closing(
        string $step,
        int $day,
        ClosingMark $mark = ClosingMark::AllAlone,
        int $covers = 4,
        string $activity = 'fetch-me',
        array $things = ['pegs'],
        ?Form $form = null,
        int $minute = 0,
    ): Closing {
        $at = new \DateTimeImmutable(self::day($day)->toString().' 09:20', new \DateTimeZone('UTC'));

        return new Closing(
            \sprintf('00000000-0000-4000-9000-%012d', ++self::$attempts),
            $step,
            'sitting-'.$day.'-'.$activity,
            $activity,
            $form,
            $things,
            $mark,
            $covers,
            $at->modify('+'.$minute.' minutes'),
            self::day($day),
            'device',
        );
    }

    public static function witness(string $step, int $day, Outcome $outcome, int $minute = 0): Witness
    {
        $number = ++self::$attempts;

        return new Witness(
            \sprintf('00000000-0000-4000-9000-%012d', $number),
            $step,
            $outcome,
            'in the garden',
            self::day($day)->toDateTime()->modify('+'.(9 * 60 + $minute).' minutes'),
            self::day($day),
            'device',
        );
    }

    public static function handMark(string $step, int $day, Mark $mark, int $minute = 0): HandMark
    {
        $number = ++self::$attempts;

        return new HandMark(
            \sprintf('00000000-0000-4000-a000-%012d', $number),
            $step,
            $mark,
            'I know it',
            self::day($day)->toDateTime()->modify('+'.(9 * 60 + $minute).' minutes'),
            self::day($day),
            'device',
        );
    }

    /** @param list<Seen> $evidence */
    public static function record(array $evidence, Settings $settings = new Settings()): ChildRecord
    {
        return ChildRecord::replay(self::wholeMap(), $evidence, $settings);
    }

    /** @param list<Span> $rests */
    public static function child(string $name, int $months, array $rests = [], ?int $minutes = null, ?int $longest = null): Child
    {
        $born = self::day(0)->plusDays(-(int) round($months * 30.44) - 3);

        return new Child(strtolower($name), $name, $born, rests: $rests, minutesADay: $minutes, longestSitting: $longest);
    }

    /**
     * @param list<Place>     $places
     * @param list<string>    $wanted
     * @param list<string>    $held   ids of activities planned before
     * @param list<HouseRule> $rules
     *
     * @return list<Candidate> of all activities, whether the house knows them or not
     */
    public static function candidates(
        Learner $learner,
        LocalDate $on,
        array $places,
        bool $quiet = false,
        array $wanted = [],
        array $held = [],
        array $rules = [],
        Choosing $choosing = new Choosing(),
    ): array {
        $candidates = new Candidates(self::catalogue(), $choosing);
        $planned = array_map(static fn (string $id): SetUp => new SetUp(
            $id,
            self::catalogue()->activity($id),
            Place::Table,
            Part::With,
            new Span(540, 545),
            [new Sitting($learner->child->id, [new Course('say-count@3', null, Help::Bare, Reason::Ready)], [])],
            [],
        ), $held);
        $request = new DayRequest($on, 1, [$learner], [new Span(540, 600)], [], $places, $quiet, [], $wanted, $planned, $rules);

        return $candidates->of($request, $learner, $candidates->ranked($learner, $on), $candidates->allowed($request));
    }

    /** @param array{float, float, float}|null $size */
    public static function thing(string $name, int $amount, ?array $size, Shape $shape = Shape::Block): Thing
    {
        $sides = null === $size ? null : Size::of(...$size);

        return new Thing($name, $name, rtrim($name, 's'), $amount, $sides, $shape, glyph: $name, can: Ability::usual($shape));
    }
}
