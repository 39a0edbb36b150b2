<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/**
 * A pattern to go on with, to copy, or to make from its rule. The step says its `units`, in letters: "aab" is two of the first and one of the
 * second, over and over.
 */
final readonly class CarryOn extends Prompt
{
    public const ASKS = ['carry-on', 'copy-pattern', 'make-pattern'];
    public const METHODS = [Method::SawIt];
    public const SLIPS = [Slip::ChangesTheRule];

    /** So often the pattern lies there to go on with; to copy it is shorter, and of one to make there is the unit. */
    public const REPEATS = 3;
    private const TO_COPY = 2;

    public function __construct(string $ask, public string $unit, public int $next)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach ($step->variant->texts('units') as $unit) {
            foreach (range(2, 4) as $next) {
                $all[] = new self('carry-on', $unit, $next);
            }
            array_push($all, new self('copy-pattern', $unit, 0), new self('make-pattern', $unit, 0));
        }

        return $all;
    }

    public function answer(): string
    {
        return $this->unit[0];
    }

    /** @return list<int> the kinds that come next, 0 for the first */
    public function goesOn(): array
    {
        $next = \array_slice(str_split(str_repeat($this->unit, self::REPEATS + 1)), 0, $this->next);

        return array_map(static fn (string $kind): int => \ord($kind) - \ord('a'), $next);
    }

    public function load(): int
    {
        return $this->next + \strlen($this->unit);
    }

    /** What lies there and what the child lays, kind by kind. */
    public function amounts(): Amounts
    {
        $row = 'carry-on' === $this->ask
            ? str_repeat($this->unit, self::REPEATS).substr(str_repeat($this->unit, 4), 0, $this->next)
            : str_repeat($this->unit, 2 * self::TO_COPY);
        [$a, $b, $c] = array_map(static fn (string $kind): int => substr_count($row, $kind), ['a', 'b', 'c']);

        return new Amounts(\strlen($row), $a, $b, $c);
    }

    public function kinds(): int
    {
        return \count(array_unique(str_split($this->unit)));
    }

    public function sights(): array
    {
        return [new Sight\Pattern($this->unit, $this->next, match ($this->ask) {
            'copy-pattern' => self::TO_COPY,
            'make-pattern' => 1,
            default => self::REPEATS,
        })];
    }
}
