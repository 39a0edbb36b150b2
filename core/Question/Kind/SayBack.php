<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** The counting words backwards, all the way to nought. */
final readonly class SayBack extends Prompt
{
    public const ASKS = ['say-back'];
    public const METHODS = [Method::CountedAll, Method::CountedOn, Method::Fingers, Method::KnownFact];
    public const SLIPS = [Slip::LeavesOneOutBack, Slip::Guesses, Slip::TeenOrTy];

    public function __construct(public int $from, public int $to)
    {
        parent::__construct('say-back');
    }

    public static function all(Step $step): array
    {
        return array_map(static fn (int $from): self => new self($from, 0), range(2, $step->size));
    }

    public function answer(): int
    {
        return $this->to;
    }

    public function load(): int
    {
        return $this->from;
    }

    public function amounts(): Amounts
    {
        return new Amounts($this->to);
    }

    public function sights(): array
    {
        return [new Sight\Track($this->from, $this->to)];
    }
}
