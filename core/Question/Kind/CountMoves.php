<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Claps, hops and sounds: done and counted, or heard and counted, aloud or in the head. */
final readonly class CountMoves extends Prompt
{
    public const ASKS = ['do-moves', 'count-moves', 'count-silently'];
    public const METHODS = [Method::KnownFact, Method::CountedAll, Method::Fingers];
    public const SLIPS = [Slip::CountsFaster, Slip::Fingers];

    public function __construct(string $ask, public int $n)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (self::ASKS as $ask) {
            // One is nothing to count.
            foreach (range('do-moves' === $ask ? 1 : 2, $step->size) as $n) {
                $all[] = new self($ask, $n);
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->n;
    }

    public function load(): int
    {
        return $this->n + ('count-silently' === $this->ask ? 2 : 0);
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n);
    }

    /** How many claps there were is to be heard, not seen. */
    public function sights(): array
    {
        return [new Sight\Track(1, 'do-moves' === $this->ask ? $this->n : 10)];
    }
}
