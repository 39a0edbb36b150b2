<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** The counting words from a number on. A step that begins anywhere says `from: anywhere`, one that begins at one `from: one`. */
final readonly class SayOn extends Prompt
{
    public const ASKS = ['say-on'];
    public const METHODS = [Method::CountedAll, Method::CountedOn];
    public const SLIPS = [Slip::CountsFaster, Slip::Guesses, Slip::TeenOrTy];

    public function __construct(public int $from, public int $to)
    {
        parent::__construct('say-on');
    }

    public static function all(Step $step): array
    {
        return match ($step->variant->oneOf('from', 'one', 'anywhere')) {
            'anywhere' => array_map(static fn (int $from): self => new self($from, $from + min(5, $step->size)), range(2, $step->size)),
            default => array_map(static fn (int $to): self => new self(1, $to), range(max(2, $step->size - 7), $step->size)),
        };
    }

    public function answer(): int
    {
        return $this->to;
    }

    public function load(): int
    {
        return 1 === $this->from ? $this->to : $this->from;
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
