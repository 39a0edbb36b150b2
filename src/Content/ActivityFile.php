<?php

declare(strict_types=1);

namespace Pindle\App\Content;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\BrokenFormula;
use Pindle\Core\Activity\Formula;
use Pindle\Core\Activity\HouseRule;
use Pindle\Core\Activity\Occasion;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Activity\Role;
use Pindle\Core\Activity\Sameness;
use Pindle\Core\Child\NamingNumerals;
use Pindle\Core\Child\WayIn;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Printable\SheetKind;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Picture;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Question\UnknownQuestion;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\MissingVariant;
use Pindle\Core\Thing\Ability;

/** Reads an activity in the shape of the files in content/activities: a shipped one, or one that a household wrote itself. */
final class ActivityFile
{
    /** @var array<string, Prop>|null */
    private ?array $props = null;

    public function __construct(private readonly ContentFiles $files, private readonly ThingFile $things, private readonly SkillFile $skills)
    {
    }

    /** @return array<string, array<array-key, mixed>> id => the file as it is written */
    public function shipped(): array
    {
        $shipped = [];
        foreach ($this->files->all() as $name => $data) {
            if (str_starts_with($name, 'activities/')) {
                $shipped[substr($name, 11)] = $data;
            }
        }

        return $shipped;
    }

    /** @return array<string, Prop> by id */
    public function props(): array
    {
        return $this->props ??= $this->things->props();
    }

    /**
     * What the engine needs of an activity.
     *
     * @param array<array-key, mixed> $data
     *
     * @throws BrokenContent
     */
    public function read(string $id, array $data): Activity
    {
        $entry = $this->files->entry('activities/'.$id, $id, $data, '');
        $kinds = array_map(static function (string $kind) use ($entry): Kind {
            try {
                return Kind::named($kind)->only(self::only($entry, $kind));
            } catch (UnknownQuestion $e) {
                throw $entry->wrong('serves', rtrim($e->getMessage(), '.'));
            }
        }, $entry->textMap('serves'));
        $pictures = array_map(static fn (string $picture): Picture => $entry->case('scenes', $picture, Picture::class), $entry->textMap('scenes'));
        $roles = array_map(static function (Entry $role): Role {
            $role->knowsOnly('role', 'count', 'apart', 'min_side', 'max_side', 'forms', 'even', 'can', 'as', 'colour');
            try {
                return new Role(
                    $role->text('role'),
                    Formula::parse($role->text('count')),
                    $role->flag('apart'),
                    $role->numberOrNull('max_side', 1, 3000),
                    $role->choices('forms', Form::class),
                    $role->flag('even'),
                    array_map(
                        static fn (string $anyOf): array => array_map(
                            static fn (string $one): Ability => $role->case('can', trim($one), Ability::class),
                            explode(' or ', $anyOf),
                        ),
                        $role->texts('can'),
                    ),
                    $role->numberOrNull('min_side', 1, 3000),
                    null === $role->textOrNull('as') ? Sameness::Alike : $role->case('as', $role->text('as'), Sameness::class),
                    $role->flag('colour'),
                );
            } catch (BrokenFormula $e) {
                throw $role->wrong('count', rtrim($e->getMessage(), '.'));
            }
        }, $entry->entries('things'));
        $naming = $entry->textOrNull('naming');
        $formProps = [];
        $inForms = $entry->map('props_in');
        foreach (array_keys($inForms) as $form) {
            if ('spoken' !== $form) {
                $entry->case('props_in', $form, Form::class);
            }
            $formProps[$form] = $this->named($entry, 'props_in', $entry->within('props_in', $inForms)->texts($form));
        }
        foreach (array_diff(array_keys($entry->map('only')), array_values($entry->textMap('serves'))) as $stray) {
            throw $entry->wrong('only.'.$stray, 'is no kind of question that it serves');
        }

        return new Activity(
            $id,
            $kinds,
            $entry->choice('part', Part::class),
            $entry->flag('together'),
            $entry->choices('places', Place::class),
            $entry->choices('ways_in', WayIn::class),
            $entry->choices('forms', Form::class),
            $roles,
            $this->named($entry, 'props', $entry->texts('props')),
            $entry->number('set_up', 0, 5),
            $entry->number('seconds', 15, 120),
            $entry->flag('noisy'),
            $entry->numberOrNull('largest', 1, 1000),
            [] === $pictures ? throw $entry->wrong('scenes', 'should name a picture') : $pictures,
            null === $naming ? null : $entry->case('naming', $naming, NamingNumerals::class),
            $entry->texts('care'),
            $entry->flag('checks_only'),
            $entry->numberOrNull('smallest', 1, 1000),
            $formProps,
            [],
            $entry->choices('occasions', Occasion::class),
            $entry->choices('against', HouseRule::class),
        );
    }

    /**
     * @param list<string> $ids
     *
     * @return list<Prop>
     */
    private function named(Entry $entry, string $field, array $ids): array
    {
        return array_map(fn (string $id): Prop => $this->props()[$id] ?? throw $entry->wrong($field, \sprintf('"%s" is not in props.yaml', $id)), $ids);
    }

    /**
     * What a kind may ask here: the name of a number or "ask" => the values it may have; "1..10" is all from 1 to 10.
     *
     * @return array<string, non-empty-list<int|string>>
     */
    private static function only(Entry $entry, string $kind): array
    {
        $only = [];
        $all = $entry->map('only');
        $limits = \is_array($all[$kind] ?? []) ? $all[$kind] ?? [] : throw $entry->wrong('only.'.$kind, 'should be a map');
        foreach ($limits as $name => $allowed) {
            if (\is_string($allowed) && 1 === preg_match('/^(\d{1,3})\.\.(\d{1,3})$/', $allowed, $range) && $range[1] <= $range[2]) {
                $only[(string) $name] = range((int) $range[1], (int) $range[2]);
                continue;
            }
            if (!\is_array($allowed) || [] === $allowed || [] !== array_filter($allowed, static fn (mixed $one): bool => !\is_string($one) && !\is_int($one))) {
                throw $entry->wrong('only.'.$kind.'.'.$name, 'should be a list of what may be asked, or a range such as "1..10"');
            }
            $only[(string) $name] = array_values($allowed);
        }

        return $only;
    }

    /**
     * What a parent reads of an activity.
     *
     * @param array<array-key, mixed> $data
     *
     * @throws BrokenContent
     */
    public function words(string $id, array $data): ActivityWords
    {
        $whole = $this->files->entry('activities/'.$id, $id, $data, '');
        $words = $whole->within('words', $whole->map('words'));

        return new ActivityWords(
            $whole->text('name'),
            $words->text('in_short'),
            $words->text('lay_out'),
            $words->texts('show'),
            $words->text('predict'),
            $words->textMap('say'),
            $words->choices('methods', Method::class),
            $words->choices('slips', Slip::class),
            $words->text('easier'),
            $words->text('further'),
            $words->text('shown'),
            $words->text('part_done'),
            $words->text('bare'),
            $words->text('twist'),
            $words->text('toddler'),
            $words->text('child_turn'),
            $words->text('check'),
            $words->text('tidy'),
            $whole->flag('together') ? $words->text('waiting') : $words->textOrNull('waiting'),
            $words->textOrNull('without_things'),
            $whole->choices('sheets', SheetKind::class),
        );
    }

    /**
     * Every skill it serves is on the map, at one step at least, and says what the kind of question must know of it; all its words are there.
     *
     * @param array<array-key, mixed> $data
     *
     * @throws BrokenContent
     */
    public function check(Activity $activity, array $data): void
    {
        $this->words($activity->id, $data);
        $entry = $this->files->entry('activities/'.$activity->id, $activity->id, $data, '');
        $entry->knowsOnly(
            'name',
            'serves',
            'part',
            'together',
            'places',
            'ways_in',
            'forms',
            'set_up',
            'seconds',
            'noisy',
            'smallest',
            'largest',
            'scenes',
            'things',
            'props',
            'props_in',
            'sheets',
            'occasions',
            'against',
            'only',
            'naming',
            'care',
            'checks_only',
            'words',
        );
        self::mustSuit($activity, $entry);
        $this->mustBeWorded($activity, $entry->within('words', $entry->map('words')));
        $map = $this->skills->map();
        $served = false;
        $values = ['r' => []] + array_fill_keys(Formula::NAMES, [0 => 0]);
        $largestAnswer = 0;
        foreach ($activity->serves as $skill => $kind) {
            if (!isset($map->skills[$skill])) {
                throw $entry->wrong('serves.'.$skill, 'is no skill of the map');
            }
            foreach ($map->steps as $step) {
                if ($step->skill->id === $skill && [] !== array_filter(
                    [] === $step->forms ? [null] : $step->forms,
                    static fn (?Form $form): bool => $activity->shows($step, $form),
                )) {
                    try {
                        foreach ($kind->prompts($step) as $prompt) {
                            $amounts = $prompt->amounts();
                            foreach (['n' => $amounts->n, 'a' => $amounts->a, 'b' => $amounts->b, 'c' => $amounts->c, 'r' => $step->size] as $name => $value) {
                                $values[$name][$value] = $value;
                            }
                            $answer = $prompt->answer();
                            $largestAnswer = max($largestAnswer, \is_int($answer) ? $answer : 0);
                        }
                    } catch (MissingVariant $e) {
                        throw $entry->wrong('serves.'.$skill, rtrim($e->getMessage(), '.').' (skills.yaml)');
                    } catch (UnknownQuestion $e) {
                        throw $entry->wrong('serves.'.$skill, rtrim($e->getMessage(), '.'));
                    }
                    $served = true;
                }
            }
        }
        if (!$served) {
            throw $entry->wrong('forms', 'None of its forms is a form of what it serves');
        }
        // Two children may sit at one pile, one of whom has no such number: 0. The labels of a set are five at a time.
        $values['sum'] = range(0, QuestionSet::LABELS * $largestAnswer);
        foreach ($activity->roles as $i => $role) {
            try {
                $role->count->try(array_map(array_values(...), $values));
            } catch (BrokenFormula $e) {
                throw $entry->wrong('things.'.$i.'.count', rtrim($e->getMessage(), '.'));
            }
        }
    }

    /** What is said to free the parent does. */
    private static function mustSuit(Activity $activity, Entry $entry): void
    {
        foreach ($activity->occasions as $occasion) {
            $suits = match ($occasion) {
                Occasion::Tray => Part::Alone === $activity->part,
                Occasion::Moment, Occasion::ArmsFull => 0 === $activity->setUp && $activity->needsNothing(),
            };
            if (!$suits) {
                throw $entry->wrong('occasions', \sprintf('"%s" does not go with its part, its things or the time it takes to set up', $occasion->value));
            }
        }
    }

    /** Nothing is said that is not asked, and nothing is looked for that cannot happen. */
    private function mustBeWorded(Activity $activity, Entry $words): void
    {
        $words->knowsOnly(
            'in_short',
            'lay_out',
            'without_things',
            'show',
            'predict',
            'say',
            'methods',
            'slips',
            'easier',
            'further',
            'shown',
            'part_done',
            'bare',
            'twist',
            'toddler',
            'child_turn',
            'check',
            'tidy',
            'waiting',
        );
        $kinds = array_values($activity->serves);
        foreach ($words->textMap('say') as $ask => $text) {
            if (!\in_array($ask, array_merge(...array_map(static fn (Kind $kind): array => $kind->asks(), $kinds)), true)) {
                throw $words->wrong('say.'.$ask, 'is asked by nothing that it serves');
            }
            self::mustRead($words, 'say.'.$ask, $text);
        }
        self::mustRead($words, 'lay_out', $words->text('lay_out'));
        self::mustHappen($words, 'methods', Method::class, array_merge(...array_map(static fn (Kind $kind): array => $kind->methods(), $kinds)));
        self::mustHappen($words, 'slips', Slip::class, array_merge(...array_map(static fn (Kind $kind): array => $kind->slips(), $kinds)));
    }

    private static function mustRead(Entry $words, string $field, string $pattern): void
    {
        if (null === Pattern::read($pattern)) {
            throw $words->wrong($field, 'has braces that do not match');
        }
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     * @param list<T>         $possible
     */
    private static function mustHappen(Entry $words, string $field, string $enum, array $possible): void
    {
        foreach ($words->choices($field, $enum) as $case) {
            if (!\in_array($case, $possible, true)) {
                throw $words->wrong($field, \sprintf('"%s" can not happen in what it serves', $case->value));
            }
        }
    }
}
