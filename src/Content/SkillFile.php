<?php

declare(strict_types=1);

namespace Pindle\App\Content;

use Pindle\Core\Child\Setting;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\Reach;
use Pindle\Core\Skill\Skill;
use Pindle\Core\Skill\SkillKind;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\SkillMapError;
use Pindle\Core\Skill\Strand;
use Pindle\Core\Skill\Variant;
use Pindle\Core\Skill\When;

/** Reads skills.yaml: the map, and what a parent reads of each skill. */
final class SkillFile
{
    private ?SkillMap $map = null;

    public function __construct(private readonly ContentFiles $files)
    {
    }

    /**
     * The skill map as written, whatever the activities can show.
     *
     * @throws BrokenContent
     */
    public function map(): SkillMap
    {
        if (null === $this->map) {
            $skills = [];
            foreach ($this->files->file('skills') as $strand => $ofStrand) {
                foreach (\is_array($ofStrand) ? $ofStrand : [] as $id => $data) {
                    $skills[] = $this->skill((string) $strand, (string) $id, $data);
                }
            }
            $this->map = SkillMap::of($skills);
        }

        return $this->map;
    }

    /** @throws BrokenContent when there is no such skill */
    public function words(string $skillId): SkillWords
    {
        foreach ($this->files->file('skills') as $ofStrand) {
            if (\is_array($ofStrand) && isset($ofStrand[$skillId])) {
                $entry = $this->files->entry('skills', $skillId, $ofStrand[$skillId]);

                return new SkillWords(
                    $entry->text('name'),
                    $entry->text('done'),
                    array_filter(array_map(
                        static fn (mixed $reach): string => \is_array($reach) && \is_string($reach['name'] ?? null) ? $reach['name'] : '',
                        $entry->map('reaches'),
                    )),
                );
            }
        }
        throw BrokenContent::at('skills.yaml', $skillId, 'is not there.');
    }

    private function skill(string $strand, string $id, mixed $data): Skill
    {
        $entry = $this->files->entry('skills', $id, $data, $strand.'.'.$id);
        $entry->knowsOnly('name', 'done', 'kind', 'forms', 'slips', 'asks', 'reaches', 'signs', 'shift');
        $reaches = [];
        foreach ($entry->map('reaches') as $name => $reach) {
            $reaches[(string) $name] = $this->reach(
                $id,
                (string) $name,
                $entry->map('asks'),
                $entry->decimalOrNull('shift') ?? 0.0,
                $entry->within('reaches.'.$name, \is_array($reach) && !array_is_list($reach) ? $reach : ['needs' => $reach]),
            );
        }
        foreach ($entry->texts('slips') as $slip) {
            $entry->case('slips', $slip, Slip::class);
        }

        return new Skill(
            $id,
            $entry->case('strand', $strand, Strand::class),
            $entry->choice('kind', SkillKind::class, 'usual'),
            $entry->choices('forms', Form::class),
            $reaches,
            $entry->flag('signs'),
            $entry->texts('slips'),
        );
    }

    /**
     * @param array<string, mixed> $asks
     * @param float                $shift months that the skill comes later, or below 0 earlier, than its reach says
     */
    private function reach(string $skillId, string $name, array $asks, float $shift, Entry $reach): Reach
    {
        $reach->knowsOnly('name', 'needs', 'size', 'months', 'asks', 'when');
        if (!ctype_digit($name)) {
            $reach->text('name');
        }
        $months = $reach->decimalOrNull('months') ?? $this->files->file('ages')[(int) $name] ?? throw $reach->wrong(
            'months',
            'is wanted: ages.yaml has none for this reach',
        );
        $variant = [];
        foreach ($reach->map('asks') + $asks as $key => $value) {
            $variant[$key] = match (true) {
                \is_int($value), \is_string($value), \is_bool($value) => $value,
                \is_array($value) => array_values(array_map(
                    static fn (mixed $one): int|string => \is_int($one) || \is_string($one) ? $one : throw $reach->wrong(
                        'asks.'.$key,
                        'should hold numbers or texts',
                    ),
                    $value,
                )),
                default => throw $reach->wrong('asks.'.$key, 'should be a number, a text or a list'),
            };
        }
        try {
            return new Reach(
                $name,
                ctype_digit($name) ? (int) $name : $reach->number('size', 1, 1000),
                is_numeric($months) ? (float) $months + $shift : throw $reach->wrong('months', 'should be a number'),
                $reach->texts('needs'),
                new Variant($skillId.'@'.$name, $variant),
                array_map(static function (Entry $when): When {
                    $no = $when->textOrNull('no');
                    $when->knowsOnly('setting', 'answer', 'also', 'without', 'no', 'leave');
                    if (!\in_array($when->text('answer'), $when->choice('setting', Setting::class)->answers(), true)) {
                        throw $when->wrong('answer', 'is none of the answers');
                    }

                    return new When(
                        $when->text('setting'),
                        $when->text('answer'),
                        $when->texts('also'),
                        $when->texts('without'),
                        null === $no ? null : $when->case('no', $no, Form::class),
                        $when->flag('leave'),
                    );
                }, $reach->entries('when')),
            );
        } catch (SkillMapError $e) {
            throw $reach->wrong('size', rtrim($e->getMessage(), '.'));
        }
    }
}
