<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Content;

use Pindle\Core\Activity\BrokenFormula;
use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Activity\Family;
use Pindle\Core\Activity\Formula;
use Pindle\Core\Activity\Generator;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Activity\Role;
use Pindle\Core\Activity\SceneKind;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Caution\Level;
use Pindle\Core\Caution\Rule;
use Pindle\Core\Caution\Test;
use Pindle\Core\Child\NamingNumerals;
use Pindle\Core\Child\Setting;
use Pindle\Core\Child\WayIn;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Ask;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\Skill;
use Pindle\Core\Skill\SkillKind;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Strand;
use Pindle\Core\Thing\InvalidSize;
use Pindle\Core\Thing\Shape;
use Pindle\Core\Thing\Size;
use Pindle\Core\Thing\Thing;

/** Turns the files of content/ into the values core works on and the words parents read. Everything is checked on the way. */
final class Library
{
    /** @var array<string, array<array-key, mixed>> */
    private array $files;
    private ?SkillMap $map = null;
    private ?Catalogue $catalogue = null;

    /** @var list<string> own activities that cannot be read, with the reason */
    private array $brokenOwn = [];

    /** @throws BrokenContent */
    public function __construct(private readonly ContentFiles $shipped, private readonly ?OwnContent $own = null)
    {
        $this->files = $shipped->all() + ($own?->all() ?? []);
    }

    /**
     * One more activity, read by the schema of the others; nothing is kept.
     *
     * @param array<array-key, mixed> $data
     *
     * @throws BrokenContent
     */
    public function withOwn(string $id, array $data): Family
    {
        $with = new self($this->shipped, $this->own);
        $with->files['activities/'.$id] = $data;
        $family = $with->family($id, $with->entry('activities/'.$id, $id, $data), $with->props());
        $with->familyWords($id);
        $this->files['activities/'.$id] = $data;

        return $family;
    }

    /** @return list<string> own activities that cannot be read any more, with the reason; they are left out */
    public function brokenOwn(): array
    {
        $this->catalogue();

        return $this->brokenOwn;
    }

    /** @return array<string, mixed> an activity as it is written */
    public function activityData(string $id): array
    {
        $data = [];
        foreach ($this->files['activities/'.$id] ?? [] as $key => $value) {
            $data[(string) $key] = $value;
        }

        return $data;
    }

    /** The line on which a field stands, by its path with dots between; null when it is not there. */
    public static function lineOf(string $text, string $place): ?int
    {
        $lines = explode("\n", $text);
        $found = null;
        $from = 0;
        foreach (explode('.', $place) as $field) {
            $entry = ctype_digit($field) ? (int) $field : null;
            for ($i = $from; $i < \count($lines); ++$i) {
                $isHere = null === $entry
                    ? 1 === preg_match('/(^|[\s{,-])"?'.preg_quote($field, '/').'"?\s*:/', $lines[$i])
                    // An entry of a list has no name: the lines that begin with a dash are counted.
                    : 1 === preg_match('/^\s*-\s/', $lines[$i]) && -1 === --$entry;
                if ($isHere) {
                    [$found, $from] = [$i + 1, $i];
                    break;
                }
            }
        }

        return $found;
    }

    /** The skill map; each step keeps only the forms that some family can show. */
    public function map(): SkillMap
    {
        return $this->map ??= $this->catalogue()->narrow($this->wholeMap());
    }

    /** The skill map as written, whatever the activities can show. */
    public function wholeMap(): SkillMap
    {
        $skills = [];
        foreach ($this->files['skills'] ?? [] as $strand => $ofStrand) {
            foreach (\is_array($ofStrand) ? $ofStrand : [] as $id => $data) {
                $entry = $this->entry('skills', (string) $id, $data);
                $reaches = [];
                foreach ($entry->map('reaches') as $reach => $needs) {
                    $reaches[$reach] = array_values(array_filter(\is_array($needs) ? $needs : [], is_string(...)));
                }
                $skills[] = new Skill(
                    (string) $id,
                    $entry->case('strand', (string) $strand, Strand::class),
                    $entry->choice('kind', SkillKind::class, 'usual'),
                    $entry->choices('forms', Form::class),
                    $reaches,
                    $entry->flag('signs'),
                );
            }
        }

        return SkillMap::of($skills);
    }

    public function catalogue(): Catalogue
    {
        if (null === $this->catalogue) {
            $props = $this->props();
            $families = [];
            foreach ($this->activityEntries() as $id => $entry) {
                try {
                    $families[] = $this->family($id, $entry, $props);
                } catch (BrokenContent $e) {
                    // What a newer Pindle cannot read of the family's own is left out and said; what ships has to be right.
                    if (!str_starts_with($id, OwnContent::PREFIX)) {
                        throw $e;
                    }
                    $this->brokenOwn[] = $id.': '.$e->reason;
                }
            }
            $this->catalogue = Catalogue::of($families, $props);
        }

        return $this->catalogue;
    }

    public function cautions(): Cautions
    {
        $rules = [];
        foreach ($this->entries('cautions') as $id => $entry) {
            $under = $entry->numberOrNull('under', 0, 18);
            $rules[] = new Rule($id, $entry->choice('test', Test::class), $entry->choice('level', Level::class), null === $under ? null : 12 * $under, $entry->textOrNull('trait'));
        }

        return new Cautions($rules);
    }

    /** @return array<string, Thing> ordinary things a house may have, by id, with the usual amounts */
    public function shippedThings(): array
    {
        $things = [];
        foreach ($this->entries('things') as $id => $entry) {
            $things[$id] = $this->thing($id, $entry, $entry->text('single'), $entry->number('amount', 1, 1000));
        }

        return $things;
    }

    public function familyWords(string $familyId): FamilyWords
    {
        $whole = $this->entry('activities/'.$familyId, $familyId, $this->files['activities/'.$familyId] ?? []);
        $words = $this->entry('activities/'.$familyId, 'words', $whole->map('words'));
        foreach ($words->texts('methods') as $method) {
            $words->case('methods', $method, Method::class);
        }
        foreach ($words->texts('slips') as $slip) {
            $words->case('slips', $slip, Slip::class);
        }
        foreach ($words->textMap('say') as $ask => $text) {
            $words->case('say', $ask, Ask::class);
        }

        return new FamilyWords(
            $whole->text('name'),
            $words->text('in_short'),
            $words->text('lay_out'),
            $words->texts('show'),
            $words->text('predict'),
            $words->textMap('say'),
            $words->texts('methods'),
            $words->texts('slips'),
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
        );
    }

    public function skillWords(string $skillId): SkillWords
    {
        foreach ($this->files['skills'] ?? [] as $ofStrand) {
            if (\is_array($ofStrand) && isset($ofStrand[$skillId])) {
                $entry = $this->entry('skills', $skillId, $ofStrand[$skillId]);

                return new SkillWords($entry->text('name'), $entry->text('done'));
            }
        }
        throw BrokenContent::at('skills.yaml', $skillId, 'is not there.');
    }

    /** @throws BrokenContent when the question or one of its answers has no words */
    public function settingWords(Setting $setting): SettingWords
    {
        $entry = $this->entry('schools', $setting->value, $this->files['schools'][$setting->value] ?? null);
        $answers = [];
        foreach ($setting->answers() as $answer) {
            $words = $entry->map('answers')[$answer] ?? null;
            if (!\is_array($words) || !\is_string($words[0] ?? null) || !\is_string($words[1] ?? null)) {
                throw $entry->wrong('answers.'.$answer, 'should be two texts');
            }
            $answers[$answer] = ['words' => $words[0], 'note' => $words[1]];
        }

        return new SettingWords($entry->text('question'), $entry->text('views'), $answers);
    }

    /**
     * Traits that a thing has by its name alone: what is dangerous is known by what it is called, whatever else is said of it.
     *
     * @return list<string>
     */
    public function traitsByName(string $name): array
    {
        $traits = [];
        foreach ($this->entries('cautions') as $entry) {
            foreach ($entry->texts('names') as $word) {
                if (str_contains(mb_strtolower($name), $word)) {
                    $traits[] = $entry->text('trait');
                }
            }
        }

        return array_values(array_unique($traits));
    }

    public function cautionWords(string $ruleId): CautionWords
    {
        $entry = $this->entry('cautions', $ruleId, $this->files['cautions'][$ruleId] ?? null);

        return new CautionWords($entry->text('say'), $entry->text('why'), $entry->text('source'));
    }

    /** A sentence template of words/sentences.yaml. */
    public function sentence(string $group, string $key): string
    {
        return $this->entry('words/sentences', $group, $this->files['words/sentences'][$group] ?? null)->text($key);
    }

    /** The words for a kind of question: what to ask, or what the answer is. */
    public function askWords(Ask $ask, string $field): string
    {
        return $this->entry('words/asks', $ask->value, $this->files['words/asks'][$ask->value] ?? null)->text($field);
    }

    /** The tiny task of a first look for a step. */
    public function firstLookAsk(string $skillId, string $reach): string
    {
        $asks = $this->entry('first-look', 'first-look', $this->files['first-look'] ?? null)->map('asks');
        $ask = $asks[$skillId] ?? null;

        return \is_array($ask) ? $this->entry('first-look', $skillId, $ask)->text($reach) : $this->entry('first-look', 'asks', $asks)->text($skillId);
    }

    /** @return list<string> step ids a parent may tick before a first look */
    public function firstLookTicks(): array
    {
        return $this->entry('first-look', 'first-look', $this->files['first-look'] ?? null)->texts('ticks');
    }

    /** @return array<string, string> answer to a setting => the words for a kind of question where a child is taught that way */
    public function askWays(Ask $ask): array
    {
        return $this->entry('words/asks', $ask->value, $this->files['words/asks'][$ask->value] ?? null)->textMap('ways');
    }

    /** @return array<string, Prop> */
    private function props(): array
    {
        $props = [];
        foreach ($this->entries('props') as $id => $entry) {
            $props[$id] = new Prop($id, $this->thing($id, $entry, $entry->text('name'), 1), $entry->flag('made'), $entry->flag('answers'));
        }

        return $props;
    }

    /** @param array<string, Prop> $props */
    private function family(string $id, Entry $entry, array $props): Family
    {
        $serves = array_map(static fn (string $generator): Generator => $entry->case('serves', $generator, Generator::class), $entry->textMap('serves'));
        $scenes = array_map(static fn (string $kind): SceneKind => $entry->case('scenes', $kind, SceneKind::class), $entry->textMap('scenes'));
        $roles = array_map(static function (Entry $role): Role {
            try {
                return new Role($role->text('role'), Formula::parse($role->text('count')), $role->flag('apart'), $role->numberOrNull('max_side', 1, 3000), $role->choices('forms', Form::class), $role->flag('even'));
            } catch (BrokenFormula $e) {
                throw $role->wrong('count', rtrim($e->getMessage(), '.'));
            }
        }, $entry->entries('things'));

        return new Family(
            $id,
            $serves,
            $entry->choice('part', Part::class),
            $entry->flag('together'),
            $entry->choices('places', Place::class),
            $entry->choices('ways_in', WayIn::class),
            $entry->choices('forms', Form::class),
            $roles,
            array_map(static fn (string $prop): Prop => $props[$prop] ?? throw $entry->wrong('props', \sprintf('"%s" is not in props.yaml', $prop)), $entry->texts('props')),
            $entry->number('set_up', 0, 5),
            $entry->number('seconds', 15, 120),
            $entry->flag('noisy'),
            $entry->numberOrNull('largest', 1, 1000),
            [] === $scenes ? throw $entry->wrong('scenes', 'should name a picture') : $scenes,
            null === ($naming = $entry->textOrNull('naming')) ? null : $entry->case('naming', $naming, NamingNumerals::class),
            $entry->texts('care'),
            $entry->flag('checks_only'),
            $entry->numberOrNull('smallest', 1, 1000),
        );
    }

    private function thing(string $id, Entry $entry, string $single, int $amount): Thing
    {
        try {
            $size = Size::of(...$entry->sides('size'));
        } catch (InvalidSize $e) {
            throw $entry->wrong('size', rtrim($e->getMessage(), '.'));
        }

        return new Thing($id, $entry->text('name'), $single, $amount, $size, $entry->choice('shape', Shape::class), $entry->texts('traits'), $entry->texts('allergens'), $entry->text('glyph', 'counter'), $entry->decimalOrNull('mass'), $entry->decimalOrNull('spread'), $entry->number('colours', 1, 12, 1));
    }

    /** @return array<string, Entry> */
    private function activityEntries(): array
    {
        $entries = [];
        foreach ($this->files as $name => $data) {
            if (str_starts_with($name, 'activities/')) {
                $entries[substr($name, 11)] = $this->entry($name, substr($name, 11), $data);
            }
        }

        return $entries;
    }

    /** @return array<string, Entry> */
    private function entries(string $file): array
    {
        $entries = [];
        foreach ($this->files[$file] ?? [] as $id => $data) {
            $entries[(string) $id] = $this->entry($file, (string) $id, $data);
        }

        return $entries;
    }

    private function entry(string $file, string $place, mixed $data): Entry
    {
        return new Entry($file, $place, \is_array($data) ? $data : throw BrokenContent::at($file.'.yaml', $place, 'is not there or not an entry.'), $this->shipped->path($file));
    }
}
