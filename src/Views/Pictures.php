<?php

declare(strict_types=1);

namespace Pindle\App\Views;

use Pindle\App\Content\InkFile;
use Pindle\App\Content\Words;
use Pindle\App\Household\Things;
use Pindle\App\Platform\Svg;
use Pindle\Core\Activity\Gear;
use Pindle\Core\Child\Settings;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Hand;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Question;
use Pindle\Core\Scene\Canvas;
use Pindle\Core\Scene\Scenes;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Thing\Thing;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Drawings as SVG: the picture of a question, and of a thing. */
final readonly class Pictures
{
    /** How large a thing is drawn beside its name, in millimetres. */
    private const THING = 20.0;

    /** The least room for the picture of a question, in millimetres: one peg on it is still a peg. */
    private const WIDE = 160.0;
    private const HIGH = 100.0;

    /** A word in the air. */
    private const SPOKEN = 'M14 4h52q10 0 10 10v20q0 10 -10 10h-30l-14 14v-14h-8q-10 0 -10 -10v-20q0 -10 10 -10zM24 20h32M24 30h20';

    private Svg $svg;

    public function __construct(private Hand $hand, private Words $words, private SkillMap $map, InkFile $inks)
    {
        $this->svg = new Svg($inks->colours());
    }

    /**
     * The picture of a question with the things that are laid out; empty where there is nothing to see.
     *
     * @param bool $varied whether the child is sure enough for frames filled other ways
     */
    public function question(SetUp $setUp, Question $question, ?Form $form, Settings $settings, bool $varied, Help $help = Help::Bare): string
    {
        $drawing = $this->drawing($setUp, $question, $form, $settings, $varied, $help);
        if ([] === $drawing->marks) {
            return '';
        }

        return $this->svg->write($drawing, $this->words->say('scenes', $drawing->alt, $drawing->values), $this->say(...), self::WIDE, self::HIGH);
    }

    /** The picture of a question as an activity is known by it in a list: a word in the air where there is nothing to see. */
    public function card(SetUp $setUp, Question $question, ?Form $form, Settings $settings): string
    {
        return $this->question($setUp, $question, $form, $settings, false) ?: $this->svg->write(
            new Drawing(80.0, 60.0, [new Path(self::SPOKEN, new Paint('paper', 'deep', 2.4))], ''),
            $this->words->say('scenes', 'spoken'),
            $this->say(...),
            self::WIDE,
            self::HIGH,
        );
    }

    /** The same as it is before it is written out: what lies in it can be asked. */
    public function drawing(SetUp $setUp, Question $question, ?Form $form, Settings $settings, bool $varied = false, Help $help = Help::Bare): Drawing
    {
        $form = [] === $this->map->step($question->stepId)->forms ? null : $form;

        return Scenes::draw(
            $setUp->activity->scene($form),
            $question->prompt,
            $form,
            $this->things($setUp, $form),
            $settings,
            $setUp->gear(),
            $this->hand,
            new Randomizer(new Xoshiro256StarStar(crc32($setUp->key.$question->stepId.$question->prompt->key()))),
            $varied,
            $help,
        );
    }

    /**
     * The picture of a question outside an activity, with things that are laid out, or drawn where there are none; whatever else it takes is drawn
     * with it.
     *
     * @param list<Thing> $things
     */
    public function ofPrompt(Prompt $prompt, ?Form $form, array $things, Settings $settings, Randomizer $random): Drawing
    {
        return null === $form ? new Drawing(1.0, 1.0, [], '') : Scenes::of($prompt->sights()[0], new Canvas(
            $this->hand,
            $things ?: [$this->drawn('dots', 'dot'), $this->drawn('crosses', 'cross')],
            $settings,
            $settings->frameFilling,
            $random,
            [] === $things,
            [] !== $things,
            Gear::cases(),
        ));
    }

    /** A drawing written out. */
    public function write(Drawing $drawing): string
    {
        return $this->svg->write($drawing, $this->words->say('scenes', $drawing->alt, $drawing->values), $this->say(...), self::WIDE, self::HIGH);
    }

    /** A thing as it stands beside its name. */
    public function thing(Thing $thing): string
    {
        $marks = $this->hand->thing($thing->glyph, $thing->name, self::THING / 2, self::THING / 2, self::THING, colour: $thing->colour);

        return $this->svg->write(new Drawing(self::THING, self::THING, $marks, ''), null, $this->say(...));
    }

    /** @param array<string, int|string> $values */
    private function say(string $message, array $values): string
    {
        return $this->words->say('drawing', $message, $values);
    }

    /**
     * The things of each role, the first of them where it has several; dots and crosses where nothing lies out.
     *
     * @return non-empty-list<Thing>
     */
    private function things(SetUp $setUp, ?Form $form): array
    {
        $byRole = [];
        foreach ($setUp->laid as $laid) {
            $byRole[$laid->roleId][] = $laid;
        }
        $things = [];
        foreach ($byRole as $role) {
            // One each of several kinds: all of them are meant.
            $each = [] === array_filter($role, static fn (Laid $laid): bool => 1 !== $laid->count);
            array_push($things, ...array_map(static fn (Laid $laid): Thing => $laid->thing, $each ? $role : [$role[0]]));
        }

        return $things ?: [$this->drawn(Form::Pictures === $form ? 'dots' : 'counters', 'dot'), $this->drawn('crosses', 'cross')];
    }

    private function drawn(string $name, string $glyph): Thing
    {
        return new Thing(
            $glyph,
            $this->words->say('stand_ins', $name, ['count' => 2]),
            $this->words->say('stand_ins', $name, ['count' => 1]),
            Things::MOST,
            glyph: $glyph,
        );
    }
}
