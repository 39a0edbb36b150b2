<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Rule;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** A mix sorted into so many groups, and a rule to be found. The step says how many: `groups`. */
final readonly class SortBy extends Prompt
{
    public const ASKS = ['sort-by', 'say-the-rule'];
    public const METHODS = [Method::SawIt, Method::CountedAll];
    public const SLIPS = [Slip::ChangesTheRule, Slip::JudgesBySize];

    /** So many of each kind lie in the heap. */
    private const EACH = 6;

    public function __construct(string $ask, public int $groups, public Rule $by)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (Rule::cases() as $by) {
            $all[] = new self('sort-by', $step->variant->int('groups'), $by);
            $all[] = new self('say-the-rule', $step->variant->int('groups'), $by);
        }

        return $all;
    }

    public function answer(): int|Rule
    {
        return 'sort-by' === $this->ask ? $this->groups : $this->by;
    }

    public function load(): int
    {
        return 1 + (int) array_search($this->by, Rule::cases(), true) + ('sort-by' === $this->ask ? 0 : 2);
    }

    public function amounts(): Amounts
    {
        return new Amounts(self::EACH * $this->groups, self::EACH, self::EACH, $this->groups > 2 ? self::EACH : 0);
    }

    public function kinds(): int
    {
        return $this->groups;
    }

    public function sights(): array
    {
        return [new Sight\Rings(max(2, $this->groups))];
    }
}
