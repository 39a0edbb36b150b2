<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** A pattern to go on with. The step says its `units`, in letters: "aab" is two of the first and one of the second, over and over. */
final readonly class CarryOn extends Prompt
{
    public const ASKS = ['carry-on'];
    public const METHODS = [Method::SawIt];
    public const SLIPS = [Slip::ChangesTheRule];

    /** So often the pattern lies there already. */
    public const REPEATS = 3;

    public function __construct(public string $unit, public int $next)
    {
        parent::__construct('carry-on');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach ($step->variant->texts('units') as $unit) {
            foreach (range(2, 4) as $next) {
                $all[] = new self($unit, $next);
            }
        }

        return $all;
    }

    public function answer(): string
    {
        return $this->unit[0];
    }

    public function load(): int
    {
        return $this->next + \strlen($this->unit);
    }

    /** Three full repeats and what comes next, kind by kind. */
    public function amounts(): Amounts
    {
        $row = str_repeat($this->unit, self::REPEATS).substr(str_repeat($this->unit, 4), 0, $this->next);
        [$a, $b, $c] = array_map(static fn (string $kind): int => substr_count($row, $kind), ['a', 'b', 'c']);

        return new Amounts(\strlen($row), $a, $b, $c);
    }

    public function sights(): array
    {
        return [new Sight\Pattern($this->unit, $this->next)];
    }
}
