<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** A pattern to go on with. The step says its `units`, in letters: "aab" is two of the first and one of the second, over and over. */
final readonly class CarryOn extends Prompt
{
    public const ASKS = ['carry-on'];
    public const METHODS = [Method::SawIt];
    public const SLIPS = [Slip::ChangesTheRule];

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

    public function sights(): array
    {
        return [new Sight\Pattern($this->unit, $this->next)];
    }
}
