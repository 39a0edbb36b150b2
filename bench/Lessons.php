<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\App\Content\ActivityWords;
use Pindle\App\Content\InkFile;
use Pindle\App\Content\Words;
use Pindle\App\Views\Lacks;
use Pindle\App\Views\Pictures;
use Pindle\App\Views\Views;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Activity\Gear;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Settings;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Item;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\Lack;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\LayOut;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Planning\Spares;
use Pindle\Core\Question\Dice;
use Pindle\Core\Scene\Scenes;
use Pindle\Core\Scene\StandIn;
use Pindle\Core\Scene\StandInKind;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Property;
use Pindle\Core\Question\Question;
use Pindle\Core\Question\Shape;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Pindle\Core\Thing\Ability;
use Pindle\Core\Thing\Thing;
use Pindle\Tests\Make;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Reads every sitting there can be, as a parent would meet it, against what must be true of it. It has its own tables of what a question
 * takes, which verbs want what of a thing, and what fits in a mouth: whatever the engine gets wrong, this has its own way to notice.
 */
final class Lessons
{
    /** What a verb or a noun in the words of an activity wants of its things. */
    private const WANTS = [
        '/\b(tower|towers|stack|stacked|staircase)\b/i' => [Ability::Stacks, Ability::Joins],
        '/\bsnap/i' => [Ability::Joins],
        '/\bclip(ped|s)? (on|to)\b/i' => [Ability::Clips, Ability::Threads],
        '/\b(press|squash)(ed|es)?\b.*\bflat\b|\bpress (and|it)\b/i' => [Ability::PressedFlat],
        '/\bwith two sides\b/i' => [Ability::TwoSided],
        '/\bas lids\b|\bto cover with\b/i' => [Ability::Covers],
        '/\bfoods?\b/i' => [Ability::Edible],
        '/\bas people\b|\bstand for the people\b/i' => [Ability::Stands],
        '/\bend to end\b/i' => [Ability::LinesUp],
        '/\b(plop|clink|drops? in)\b/i' => [Ability::Sounds],
        '/\bstring of beads\b|\bthread(ed)?\b/i' => [Ability::Threads],
        '/\bfloats?\b/i' => [Ability::Floats],
    ];

    /** Containers that a sentence may speak of only where they are there. */
    private const CONTAINERS = '/\b(plate|bowl|tray|cup|cloth|pot|tin|basket|boat|(?<!in a )ring(?! (?:ten|them|the|it)\b)|mirror|jar|box|saucer|egg box'
        .'|bag)s?\b/i';

    /** Questions whose answer is a count of what is there. */
    private const COUNTS = ['count-them', 'how-many', 'how-many-under', 'how-many-seen', 'how-many-now', 'measure-with'];

    private Words $words;
    private Catalogue $catalogue;
    private SkillMap $map;
    private Cautions $cautions;
    private Lacks $lacks;
    private Pictures $pictures;
    private Views $views;
    private LessonSheets $sheets;
    private LocalDate $day;

    /** @var array<string, ActivityWords> by activity id */
    private array $read = [];

    public function __construct()
    {
        $this->words = Make::words();
        $this->catalogue = Make::catalogue();
        $this->map = Make::map();
        $this->cautions = Make::cautions();
        $this->lacks = new Lacks($this->map, $this->cautions, $this->words, Make::things());
        $this->pictures = new Pictures(Make::glyphs()->hand(), $this->words, $this->map, new InkFile(Make::files()));
        $this->views = new Views($this->words, $this->map, $this->pictures);
        $this->sheets = new LessonSheets();
        $this->day = LocalDate::parse('2026-03-04');
    }

    /**
     * @param list<int> $cupboards how many kinds of things the house has
     *
     * @return array{sittings: int, questions: int, lacking: int, wrong: array<string, list<string>>} fault => where it was found
     */
    public function check(int $seeds, array $cupboards, ?string $only = null): array
    {
        $found = ['sittings' => 0, 'questions' => 0, 'lacking' => 0, 'wrong' => array_fill_keys(array_column(Fault::cases(), 'value'), [])];
        foreach ($cupboards as $kinds) {
            foreach ([false, true] as $withBaby) {
                for ($seed = 1; $seed <= $seeds; ++$seed) {
                    foreach ($this->sittings($kinds, $withBaby, $seed, $only) as $where => $setUp) {
                        if (null === $setUp) {
                            ++$found['lacking'];
                            continue;
                        }
                        ++$found['sittings'];
                        $found['questions'] += \count($setUp->sittings[0]->questions);
                        foreach ([$setUp, ...$this->withSpares($setUp)] as $one) {
                            foreach ($this->wrong($one, $withBaby) as [$fault, $what]) {
                                $found['wrong'][$fault->value][] = $where.': '.$what;
                            }
                        }
                    }
                }
            }
        }

        return $found;
    }

    /** @return list<SetUp> the same lay-out with one question that was made beforehand instead of its own */
    private function withSpares(SetUp $setUp): array
    {
        $sitting = $setUp->sittings[0];
        $spares = (new Spares($this->map))->of($setUp, $sitting);

        return array_map(static fn (Question $spare): SetUp => $setUp->sitting([$sitting->asking([$spare])]), array_merge(...array_values($spares)));
    }

    /** @return iterable<string, SetUp|null> where => the set-up; null where the house has not what it takes */
    public function sittings(int $kinds, bool $withBaby, int $seed, ?string $only = null): iterable
    {
        $things = self::cupboard($kinds, $seed);
        $nearby = [new Child('c', 'Wren', $this->day->plusDays(-2200)), ...($withBaby ? [new Child('b', 'Pip', $this->day->plusDays(-300))] : [])];
        foreach ($this->catalogue->activities as $activity) {
            if (null !== $only && $only !== $activity->id) {
                continue;
            }
            foreach ($this->lacks->served($activity) as $step) {
                foreach (Lacks::forms($activity, $step) as $form) {
                    $with = \sprintf('%d things%s, seed %d', $kinds, $withBaby ? ' and a baby' : '', $seed);
                    $where = \sprintf('%s %s %s, %s', $activity->id, $step->id, $form->value ?? 'spoken', $with);
                    yield $where => $this->setUp($activity, $step, $form, $things, $nearby, $seed);
                }
            }
        }
    }

    /** One sitting in words, as a parent meets it. */
    public function read(SetUp $setUp): string
    {
        $words = $this->activityWords($setUp->activity);
        [$course, $questions] = [$setUp->sittings[0]->course(), $setUp->sittings[0]->questions];
        $step = $this->words->step($this->map->step($course->stepId));
        $text = \sprintf("== %s (%s), %s, %s\n", $words->name, $setUp->activity->id, $step, $course->form->value ?? 'spoken');
        $text .= '   lay out: '.implode(', ', [
            ...array_map(static fn (Laid $laid): string => $laid->count.' '.(1 === $laid->count ? $laid->thing->single : $laid->thing->name), $setUp->laid),
            ...array_map(static fn (Prop $prop): string => $prop->thing->name, $setUp->props),
        ])."\n";
        $text .= '   '.$this->layOutWords($setUp)."\n";
        $text .= '   '.implode(' ', $words->show)."\n";
        $asks = $this->asks($setUp);
        foreach ($questions as $i => $question) {
            $drawing = $this->draw($setUp, $question);
            $text .= \sprintf("   - %s\n       [%s]\n", $asks[$i], $this->words->answer($question->prompt, self::name($setUp)));
            $shown = [] === $drawing->marks ? 'none' : $this->words->say('scenes', $drawing->alt, $drawing->values);
            $text .= \sprintf("       picture: %s {%s}\n", $shown, self::inWords($drawing));
        }

        return $text;
    }

    /** @return list<array{Fault, string}> what is wrong, and where */
    private function wrong(SetUp $setUp, bool $withBaby): array
    {
        $wrong = [];
        $laid = self::counts($setUp->laid);
        $brought = array_map(static fn (Gear $gear): string => $gear->value, $setUp->gear());
        $form = $setUp->sittings[0]->course()->form;
        $names = strtolower(implode(' ', [
            ...array_map(static fn (Laid $laid): string => $laid->thing->name.' '.$laid->thing->single, $setUp->laid),
            ...array_map(static fn (Prop $prop): string => $prop->thing->name, $setUp->props),
            ...array_map(static fn (Gear $gear): string => $gear->value, $setUp->gear()),
        ]));
        if (\in_array(0, $laid, true) || 1 === preg_match('/\b0 [a-z]/', $this->layOutWords($setUp))) {
            $wrong[] = [Fault::LaidOutNone, $this->layOutWords($setUp)];
        }
        if ([] === $setUp->laid && 1 === preg_match('/\ba few (drawn|counters|things\b(?! of different))/i', $this->layOutWords($setUp))) {
            $wrong[] = [Fault::SaidNotThere, $this->layOutWords($setUp)];
        }
        foreach ($this->containers($this->layOutWords($setUp), $names) as $container) {
            $wrong[] = [Fault::SaidNotThere, $container.' in "'.$this->layOutWords($setUp).'"'];
        }
        if (array_sum($laid) > 60) {
            $wrong[] = [Fault::TooManyThings, (string) array_sum($laid)];
        }
        foreach ($withBaby ? $setUp->things() : [] as $thing) {
            if (self::fitsAMouth($thing)) {
                $wrong[] = [Fault::Unsafe, $thing->name];
            }
        }
        foreach (self::cannot($setUp, $this->activityWords($setUp->activity)) as $what) {
            $wrong[] = [Fault::CannotDo, $what];
        }
        array_push($wrong, ...$this->sheets->wrong($setUp));
        $withThings = [] !== $setUp->laid;
        // Goods in a shop are there to be paid for.
        $kinds = \count(array_unique(array_map(static fn (Laid $one): string => $one->thing->id.' '.$one->thing->colour, $setUp->laid)));
        $isCounted = $withThings && 'goods' !== $setUp->laid[0]->roleId;
        $asks = $this->asks($setUp);
        foreach (\in_array($form, [Form::Things, Form::Pictures], true) ? $asks : [] as $sentence) {
            // A nought is read from a card or a sentence and stood on on a line; of things there are none.
            $isRead = 1 === preg_match('/\b(card says|read it all aloud|stand on|start on|down to)\b/i', $sentence);
            if (!$isRead && 1 === preg_match('/(?<!\d)0(?!\d)/', $sentence)) {
                $wrong[] = [Fault::NoughtHandled, $sentence];
            }
        }
        foreach ($asks as $sentence) {
            if (1 === preg_match('/(?<![\d.])1 (are|were|have|go|come|join|leave|stay|climb)\b/', $sentence)) {
                $wrong[] = [Fault::OneAndMany, $sentence];
            }
        }
        foreach (array_filter(array_count_values($asks), static fn (int $times): bool => $times >= 4) as $sentence => $times) {
            $wrong[] = [Fault::SaidToDeath, $times.' times "'.$sentence.'"'];
        }
        $keys = array_map(static fn (Question $question): string => $question->stepId.' '.$question->prompt->key(), $setUp->sittings[0]->questions);
        foreach (array_diff_assoc($keys, array_unique($keys)) as $key) {
            $wrong[] = [Fault::AskedTwice, $key];
        }
        foreach ($setUp->sittings[0]->questions as $i => $question) {
            $prompt = $question->prompt;
            $key = $prompt->key();
            $drawing = $this->draw($setUp, $question);
            foreach (self::items($drawing) as $what => $count) {
                if (null !== Gear::tryFrom($what)) {
                    if (!\in_array($what, $brought, true)) {
                        $wrong[] = [Fault::DrawnNotThere, $key.' draws '.$what];
                    }
                } elseif (!isset($laid[$what])) {
                    if ($withThings || Form::Things === $form) {
                        $wrong[] = [Fault::DrawnNotThere, $key.' draws '.$what];
                    }
                } elseif ($count > $laid[$what]) {
                    $wrong[] = [Fault::DrawnTooMany, \sprintf('%s draws %d %s of %d', $key, $count, $what, $laid[$what])];
                }
            }
            if (1 === $prompt->answer() && $prompt->amounts()->n === 1 && \in_array($prompt->ask, self::COUNTS, true)) {
                $wrong[] = [Fault::CountsOne, $asks[$i]];
            }
            if (self::tells($prompt, $drawing)) {
                $wrong[] = [Fault::TellsAnswer, $key];
            }
            if ($setUp->activity->rolls() && !$this->isRolled($setUp, $question)) {
                $wrong[] = [Fault::CannotBeRolled, $key];
            }
            if ('read-frame' === $prompt->ask && str_ends_with($question->stepId, '@10') && 5 === (self::items($drawing)[Gear::Frame->value] ?? 10)) {
                $wrong[] = [Fault::StripForTen, $key];
            }
            if (str_contains($asks[$i], 'counters') && 1 === preg_match('/\bdot\b/', implode(' ', array_keys(self::items($drawing))))) {
                $wrong[] = [Fault::CountersAreDots, $asks[$i]];
            }
            // A shape may be a tin somewhere in the room.
            $said = $prompt instanceof Kind\NameShape ? [] : [
                $asks[$i],
                $this->words->answer($prompt, self::name($setUp)),
                [] === $drawing->marks ? '' : $this->words->say('scenes', $drawing->alt, $drawing->values),
            ];
            foreach ($said as $sentence) {
                foreach ($this->containers($sentence, $names) as $container) {
                    $wrong[] = [Fault::SaidNotThere, $container.' in "'.$sentence.'"'];
                }
            }
            if ($isCounted && self::kinds($prompt) > $kinds) {
                $wrong[] = [Fault::TooFewKinds, \sprintf('%s of %d', $key, $kinds)];
            }
            if ($isCounted && self::needed($setUp->activity, $prompt) > array_sum($laid)) {
                $wrong[] = [Fault::TooFew, \sprintf('%s wants %d of %d', $key, self::needed($setUp->activity, $prompt), array_sum($laid))];
            }
            if (!$setUp->activity->needsNothing() && self::isLaidWithTiles($prompt, $form) && !\in_array(Gear::Card, $setUp->gear(), true)) {
                $wrong[] = [Fault::NoTiles, $key];
            }
            if (!self::suits($setUp->activity, $prompt)) {
                $wrong[] = [Fault::DoesNotSuit, $key];
            }
            if ($prompt instanceof Kind\CompareSize && !$this->sizesShow($setUp, $prompt, $drawing)) {
                $wrong[] = [Fault::SizesDoNotShow, $key];
            }
            if ('hidden-stack' === $setUp->activity->id && 'stack' !== $drawing->alt && $prompt->amounts()->n > 1) {
                $wrong[] = [Fault::NothingBehind, $key];
            }
        }

        return $wrong;
    }

    /** Whether what is to be found lies there to be counted, or the way to it is drawn. */
    private static function tells(Prompt $prompt, Drawing $drawing): bool
    {
        $things = array_filter($drawing->items, static fn (Item $item): bool => null === Gear::tryFrom($item->what));
        $outlines = \count(array_filter($things, static fn (Item $item): bool => $item->faint));
        $whole = \count($things) - $outlines;
        $arcs = array_filter($drawing->marks, static fn (Mark $mark): bool => $mark instanceof Path && str_contains($mark->d, 'Q'));
        if (str_starts_with($drawing->alt, 'hops') && [] !== $arcs) {
            return true;
        }

        $n = $prompt->amounts()->n;

        return match (true) {
            $prompt instanceof Kind\TakeJustSo, 'show-amount' === $prompt->ask => $n > 0 && \in_array($n, [$whole, $outlines], true),
            $prompt instanceof Kind\Take, $prompt instanceof Kind\DifferenceAtOnce => $outlines > 0,
            $prompt instanceof Kind\BridgeTen, $prompt instanceof Kind\BridgeBack => $outlines > 0,
            'stair-build' === $prompt->ask => $whole > 3,
            'stair-next' === $prompt->ask => $outlines > 0,
            $prompt instanceof Kind\EqualPiles => $whole === $prompt->answer(),
            $prompt instanceof Kind\MeasureWith => $whole + $outlines > 2,
            'build-teen' === $prompt->ask => $whole > 0,
            default => false,
        };
    }

    /** How many things must be there to put the question, answer it and see that it is right. */
    private static function needed(Activity $activity, Prompt $prompt): int
    {
        $answer = \is_int($prompt->answer()) ? $prompt->answer() : 0;

        return match (true) {
            $prompt instanceof Kind\TakeJustSo => $prompt->n + 1,
            $prompt instanceof Kind\Compare => match ($prompt->ask) {
                'which-more' => $prompt->a + $prompt->b,
                'make-same' => 2 * $prompt->a,
                default => 2 * $prompt->a + 1,
            },
            $prompt instanceof Kind\EqualPiles => $prompt->piles * $prompt->each,
            $prompt instanceof Kind\StairOrder => intdiv($answer * ($answer + 1), 2),
            $prompt instanceof Kind\Neighbour, $prompt instanceof Kind\CountUp => max($answer, $prompt->amounts()->n),
            $prompt instanceof Kind\CarryOn => 3 * \strlen($prompt->unit) + $prompt->next,
            $prompt instanceof Kind\PileChart => $prompt->a + $prompt->b + $prompt->c,
            $prompt instanceof Kind\Difference => max($prompt->amounts()->a + $prompt->amounts()->b, $prompt->amounts()->n),
            $prompt instanceof Kind\CompareSize => $prompt->n,
            $prompt instanceof Kind\SortBy => 6 * $prompt->groups,
            $prompt instanceof Kind\MakeEqual => 'makes-whole' === $prompt->ask && 'same-sides' === $activity->id ? 2 * $prompt->n : $prompt->n,
            $prompt instanceof Kind\LineAdd, $prompt instanceof Kind\LineTake, $prompt instanceof Kind\MakeAmount, $prompt instanceof Kind\CountIn,
            $prompt instanceof Kind\CountMoves, $prompt instanceof Kind\SayBack, $prompt instanceof Kind\OrderNumerals, $prompt instanceof Kind\NameNumeral,
            $prompt instanceof Kind\FormNumeral => 0,
            default => $prompt->amounts()->n,
        };
    }

    /** How many kinds of things the question speaks of. */
    private static function kinds(Prompt $prompt): int
    {
        return match (true) {
            $prompt instanceof Kind\CarryOn => \count(array_unique(str_split($prompt->unit))),
            $prompt instanceof Kind\PileChart => $prompt->c > 0 ? 3 : 2,
            $prompt instanceof Kind\SortBy => $prompt->groups,
            $prompt instanceof Kind\CompareSize => $prompt->n,
            default => 1,
        };
    }

    private static function isLaidWithTiles(Prompt $prompt, ?Form $form): bool
    {
        return \in_array($prompt->ask, ['join-sentence', 'take-sentence', 'makes-whole', 'both-sides', 'what-sign', 'stage-it', 'put-sign', 'make-true'], true)
            || (Form::Symbols === $form && 1 === preg_match('/^(join|take|bridge)/', $prompt->ask));
    }

    private static function suits(Activity $activity, Prompt $prompt): bool
    {
        $flat = [Shape::Circle, Shape::Square, Shape::Triangle, Shape::Rectangle];
        $inABag = [Shape::Oval, Shape::Ball, Shape::Box, Shape::Cylinder, Shape::Cone, Shape::Cube];
        [$a, $b] = [$prompt->amounts()->a, $prompt->amounts()->b];

        return match (true) {
            $prompt instanceof Kind\NameShape && \in_array($activity->id, ['food-plate', 'shape-bag'], true) => 'shape-bag' === $activity->id
                ? \in_array($prompt->shape, [...$flat, ...$inABag], true) && 'find-shape' !== $prompt->ask
                : \in_array($prompt->shape, $flat, true),
            'stair-walk' === $activity->id => 'stair-build' !== $prompt->ask,
            \in_array($activity->id, ['last-slip', 'missing-slip'], true) => !\in_array($prompt->ask, [
                'split-it', 'show-amount', 'label-amount', 'stage-it', 'what-sign', 'hop-on', 'hop-back', 'balance-to', 'balance-which', 'build-teen',
                'build-tens', 'read-tens', 'ten-and-some', 'read-frame', 'put-in-order', 'how-many-more', 'the-rest',
            ], true),
            'strips-on-line' === $activity->id => min($a, $b) >= 1 && max($a, $b) <= 10,
            'squash-count' === $activity->id => $prompt->amounts()->n <= 20,
            default => true,
        };
    }

    private function sizesShow(SetUp $setUp, Kind\CompareSize $prompt, Drawing $drawing): bool
    {
        if (Property::Length !== $prompt->by) {
            return !isset(self::items($drawing)[Gear::Strip->value]);
        }
        $long = array_map(static fn (Laid $laid): float => $laid->thing->longSide(), $setUp->laid);
        sort($long);
        foreach ($long as $i => $side) {
            if ($i > 0 && $side < 1.1 * $long[$i - 1]) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> things laid out that cannot do what the words of the activity want of them */
    private static function cannot(SetUp $setUp, ActivityWords $words): array
    {
        $text = implode(' ', [$words->inShort, $words->layOut, ...$words->show, ...$words->say]);
        $cannot = [];
        foreach (self::WANTS as $pattern => $anyOf) {
            if (1 !== preg_match($pattern, $text)) {
                continue;
            }
            foreach ($setUp->laid as $laid) {
                if (!$laid->thing->canAny($anyOf)) {
                    $cannot[] = $laid->thing->name.': '.$anyOf[0]->value;
                }
            }
        }

        return array_values(array_unique($cannot));
    }

    /** @return list<string> containers that are said and are not there */
    private function containers(string $sentence, string $there): array
    {
        preg_match_all(self::CONTAINERS, $sentence, $found);

        return array_values(array_filter(array_map('strtolower', $found[1]), static fn (string $one): bool => !str_contains($there, $one)));
    }

    /** Small enough to be swallowed: the cylinder of 16 CFR 1501 with a margin, or a ball of 16 CFR 1500.18. */
    private static function fitsAMouth(Thing $thing): bool
    {
        $size = $thing->size;

        return null === $size || ($size->middle <= 35 && $size->long <= 60)
            || (\in_array($thing->shape->value, ['ball', 'egg', 'unknown'], true) && $size->middle <= 44.4);
    }

    /** @param list<Thing> $things
     * @param list<Child> $nearby */
    private function setUp(Activity $activity, Step $step, ?Form $form, array $things, array $nearby, int $seed): ?SetUp
    {
        $set = $this->lacks->questions($activity, $step, crc32($seed.$activity->id.$step->id));
        $props = $this->catalogue->props($activity, [new Settings()], [$form]);
        $laid = (new LayOut($this->cautions, $this->day))->choose($activity, $props, [[$set, $step->size]], [$form], $things, $nearby, [], []);
        $sitting = new Sitting('c', [new Course($step->id, $form, Help::Bare, Reason::Ready)], $set->questions);

        $place = $activity->places[0] ?? Place::Table;

        return $laid instanceof Lack ? null : new SetUp('check', $activity, $place, $activity->part, new Span(600, 615), [$sitting], $laid, [], $props);
    }

    /** Whether simulated dice come to rest on what is asked; with cards anything can be shown. */
    private function isRolled(SetUp $setUp, Question $question): bool
    {
        $size = $this->map->step($setUp->sittings[0]->course()->stepId)->size;
        $sight = Scenes::sight($setUp->activity->scene($setUp->sittings[0]->course()->form), $question->prompt);
        $random = new Randomizer(new Xoshiro256StarStar(1));
        $dice = array_values(array_filter(
            StandIn::of($question->prompt, $sight, $size, true, null, new Settings(), $random),
            static fn (StandIn $one): bool => StandInKind::Dice === $one->kind,
        ));
        if ([] === $dice) {
            return null === Dice::of($question->prompt, $size);
        }
        $amounts = $question->prompt->amounts();
        $asked = $question->prompt instanceof Kind\Take ? [$amounts->n, $amounts->b] : [$amounts->a, $amounts->b];
        $shown = [$dice[0]->a, $dice[0]->b];
        sort($asked);
        sort($shown);

        return $asked === $shown && \in_array($dice[0]->a, $dice[0]->faces[0], true) && \in_array($dice[0]->b, $dice[0]->faces[1], true);
    }

    public function draw(SetUp $setUp, Question $question, Settings $taught = new Settings()): Drawing
    {
        return $this->pictures->drawing($setUp, $question, $setUp->sittings[0]->course()->form, $taught);
    }

    private function layOutWords(SetUp $setUp): string
    {
        return $this->views->layOut($this->activityWords($setUp->activity), $setUp);
    }

    /** @return list<string> what is asked in the sitting, question by question */
    public function asks(SetUp $setUp, Settings $taught = new Settings()): array
    {
        $prompts = array_map(static fn (Question $question): Prompt => $question->prompt, $setUp->sittings[0]->questions);

        return $this->words->asks($prompts, $this->activityWords($setUp->activity)->say, self::name($setUp), $taught, null);
    }

    private static function name(SetUp $setUp): string
    {
        return $setUp->laid[0]->thing->name ?? (Form::Pictures === $setUp->sittings[0]->course()->form ? 'drawn dots' : 'counters');
    }

    private function activityWords(Activity $activity): ActivityWords
    {
        $file = Make::activityFile();

        return $this->read[$activity->id] ??= $file->words($activity->id, $file->shipped()[$activity->id]);
    }

    /**
     * So many kinds of the shipped things, the same for a seed.
     *
     * @return list<Thing>
     */
    private static function cupboard(int $kinds, int $seed): array
    {
        $all = array_values(Make::things()->things());

        return \array_slice((new Randomizer(new Xoshiro256StarStar($seed)))->shuffleArray($all), 0, $kinds);
    }

    /**
     * @param list<Laid> $laid
     *
     * @return array<string, int> by thing id
     */
    private static function counts(array $laid): array
    {
        $counts = [];
        foreach ($laid as $one) {
            $counts[$one->thing->id] = ($counts[$one->thing->id] ?? 0) + $one->count;
        }

        return $counts;
    }

    /** @return array<string, int> what lies in a drawing, by thing id or gear; outlines of what is there already count once */
    private static function items(Drawing $drawing): array
    {
        $items = [];
        foreach ($drawing->items as $item) {
            $items[$item->what] = ($items[$item->what] ?? 0) + ($item->faint ? 0 : 1);
        }

        return $items;
    }

    private static function inWords(Drawing $drawing): string
    {
        $items = self::items($drawing);

        return implode(', ', array_map(static fn (string $what, int $count): string => $count.' '.$what, array_keys($items), $items));
    }
}
