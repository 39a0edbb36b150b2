<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** Half of an even amount, and how that is known; and half of one thing that is folded or cut, n times over. */
final readonly class HalfOf extends Prompt
{
    public const ASKS = ['half-of', 'half-how', 'half-thing'];
    public const METHODS = [Method::CountedAll, Method::SawIt, Method::KnownFact, Method::CountedOn];
    public const SLIPS = [Slip::Recounts, Slip::CountsFaster, Slip::Fingers];

    public function __construct(string $ask, public int $n)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(2, $step->size, 2) as $n) {
            array_push($all, new self('half-of', $n), new self('half-how', $n));
        }
        $all[] = new self('half-thing', 1);

        return $all;
    }

    public function answer(): int
    {
        return 'half-thing' === $this->ask ? 2 : intdiv($this->n, 2);
    }

    public function load(): int
    {
        return 'half-of' === $this->ask ? $this->n : $this->n + 2;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->n);
    }

    public function sights(): array
    {
        return [new Sight\Plates($this->n, 2), new Sight\Bond($this->n, null), new Sight\Stick($this->n, null)];
    }
}
