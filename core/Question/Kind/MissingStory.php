<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Kind;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Amounts;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Sight;
use Pindle\Core\Skill\Step;

/** A story whose start, or whose change, is not told. given is the part that is. */
final readonly class MissingStory extends Prompt
{
    public const ASKS = ['missing-start', 'missing-change'];
    public const METHODS = [Method::SawIt, Method::CountedOn, Method::KnownFact, Method::Fingers, Method::CountedAll, Method::ThroughTen, Method::ThroughFives];
    public const SLIPS = [Slip::SwapsWholeAndPart, Slip::Guesses, Slip::Fingers, Slip::MixesAddAndTake, Slip::CountsAllAgain];

    public function __construct(string $ask, public int $n, public int $given)
    {
        parent::__construct($ask);
    }

    public static function all(Step $step): array
    {
        $all = [];
        foreach (range(3, $step->size) as $n) {
            foreach (range(1, min(6, $n - 1)) as $change) {
                array_push($all, new self('missing-start', $n, $change), new self('missing-change', $n, $n - $change));
            }
        }

        return $all;
    }

    public function answer(): int
    {
        return $this->n - $this->given;
    }

    public function load(): int
    {
        return 'missing-start' === $this->ask ? $this->n + $this->given + 2 : 2 * $this->n - $this->given;
    }

    public function amounts(): Amounts
    {
        return 'missing-start' === $this->ask ? new Amounts($this->n, 0, $this->given) : new Amounts($this->n, $this->given);
    }

    public function values(): array
    {
        return ['n' => $this->n, 'missing-start' === $this->ask ? 'b' : 'a' => $this->given, 'answer' => $this->answer()];
    }

    public function sights(): array
    {
        $given = (string) $this->given;

        return [
            new Sight\Cup($this->n, $this->given),
            new Sight\Cards('missing-start' === $this->ask ? ['', '+', $given, '=', (string) $this->n] : [$given, '+', '', '=', (string) $this->n]),
        ];
    }
}
