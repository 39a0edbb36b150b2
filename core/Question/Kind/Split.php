<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** A whole with one part to see and the other to find; or broken into any two (part is null there). */
final readonly class Split extends Prompt
{
    public const ASKS = ['other-part', 'split-it'];
    public const METHODS = [Method::SawIt, Method::CountedOn, Method::KnownFact, Method::CountedAll, Method::Fingers, Method::DrewIt];
    public const SLIPS = [Slip::SwapsWholeAndPart, Slip::CountsAllAgain, Slip::Recounts, Slip::Guesses, Slip::Fingers];

    public function __construct(public int $n, public ?int $part)
    {
        parent::__construct(null === $part ? 'split-it' : 'other-part');
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(min(3, $step->size), $step->size) as $n) {
            foreach (range(0, $n) as $part) {
                $all[] = new self($n, $part);
            }
            $all[] = new self($n, null);
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->n - ($this->part ?? 0);
    }

    /** Even parts are harder than a small one and a large one. */
    public function load(): int
    {
        return null === $this->part ? 2 * $this->n : 2 * $this->n - abs($this->n - 2 * $this->part);
    }

    public function amounts(): Amounts
    {
        return null === $this->part ? new Amounts($this->n) : new Amounts($this->n, $this->part, $this->n - $this->part);
    }

    public function hasNought(): bool
    {
        return 0 === $this->part || $this->n === $this->part;
    }

    public function isDouble(): bool
    {
        return null !== $this->part && 2 * $this->part === $this->n;
    }

    public function values(): array
    {
        return ['n' => $this->n, 'a' => $this->part ?? 0, 'answer' => $this->answer()];
    }

    public function sights(): array
    {
        return [
            new Sight\Bond($this->n, $this->part),
            new Sight\Cup($this->n, $this->part),
            new Sight\Stick($this->n, $this->part),
            ...null === $this->part ? [] : [new Sight\Groups($this->n, $this->part)],
            new Sight\Cards(null === $this->part ? [(string) $this->n] : [(string) $this->part, '+', '', '=', (string) $this->n]),
        ];
    }
}
